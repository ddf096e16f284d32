<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What the bench has to know of a step. */
final readonly class BenchStep
{
    /**
     * @param list<string>       $after
     * @param array<string, int> $screwsOut
     * @param array<string, int> $screwsIn
     * @param list<string>       $off
     * @param list<string>       $on
     * @param list<string>       $out
     * @param list<string>       $in
     * @param list<string>       $puts
     * @param list<string>       $takes
     * @param bool               $passive true for an antenna lead, which carries no supply
     * @param bool               $hot   true if the plan warns of a hot plate or of hot air
     */
    public function __construct(
        public string $id,
        public string $phase,
        public string $kind,
        public array $after,
        public float $wait,
        public ?string $gate,
        public array $screwsOut,
        public array $screwsIn,
        public array $off,
        public array $on,
        public array $out,
        public array $in,
        public array $puts,
        public array $takes,
        public ?string $wets,
        public ?string $dries,
        private bool $hot = false,
        public bool $passive = false,
    ) {}

    /** Something hot comes near: a source of heat, a warm plate, or hot air on one flex. */
    public function isHot(): bool
    {
        return $this->hot || $this->heatedBond() !== null;
    }

    /** The bond that this step heats: a step's id is its kind and its subject, with a number behind # if that comes again. Null if it heats none. */
    public function heatedBond(): ?string
    {
        return \in_array($this->kind, ['heat', 'reheat'], true) ? substr(explode('#', $this->id)[0], \strlen($this->kind) + 1) : null;
    }

    /** Shuts something that a forgotten screw could no longer be put under. */
    public function closes(): bool
    {
        return \in_array($this->kind, ['close-bond', 'clip-shut', 'put-back'], true);
    }
}
