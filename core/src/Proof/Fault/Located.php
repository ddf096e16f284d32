<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

/** Where what failed points to. */
final readonly class Located
{
    /**
     * @param list<Ranked>         $ranked    of everything that would explain a failing function, most likely first
     * @param array<string, float> $elsewhere by failing function: probability that nothing on the list is behind it
     * @param NextLook|null        $next      null if no look tells enough
     * @param float                $leftOut   probability, before the tests, of more faults at once than were reckoned
     *     with; zero if all of them were
     */
    public function __construct(
        public array $ranked,
        public array $elsewhere,
        public ?NextLook $next,
        public float $leftOut,
    ) {}

    /** @return Ranked|null the most likely behind a function; null if nothing on the list is */
    public function behind(string $function): ?Ranked
    {
        foreach ($this->ranked as $ranked) {
            foreach ($ranked->explains as $f) {
                if ($f->value === $function) {
                    return $ranked->share > ($this->elsewhere[$function] ?? 0.0) ? $ranked : null;
                }
            }
        }

        return null;
    }
}
