<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

use Facelift\Anatomy\PhoneFunction;

/** One thing that may be wrong after this route, by itself and apart from all others. */
final readonly class Suspicion
{
    /**
     * @param string               $subject id in the phone file: a connector, part, opening, screw group
     * @param float                $prior   probability that the work leaves it so, before anything was tested
     * @param int                  $since   place in the plan from which on it can be so
     * @param array<string, float> $fails   chance that it makes a function fail, by the function's code
     */
    public function __construct(
        public FaultKind $kind,
        public string $subject,
        public string $name,
        public float $prior,
        public array $fails,
        public int $since = 0,
    ) {}

    public function from(int $since): self
    {
        return new self(
            $this->kind,
            $this->subject,
            $this->name,
            $this->prior,
            $this->fails,
            $since,
        );
    }

    public function likely(float $prior): self
    {
        return new self(
            $this->kind,
            $this->subject,
            $this->name,
            $prior,
            $this->fails,
            $this->since,
        );
    }

    /** Chance that it is behind a failing function, alone, if it is there. */
    public function reaches(PhoneFunction $function): float
    {
        return $this->fails[$function->value] ?? 0.0;
    }

    /** True if it is the same fault, whichever functions it takes and whenever it came. */
    public function isAs(self $other): bool
    {
        return $this->kind === $other->kind && $this->subject === $other->subject;
    }

    /** True if one look would show either. */
    public function isSeenWith(self $other): bool
    {
        $look = $other->kind->look();

        return $look !== null && $this->isAbout($look, $other->subject);
    }

    public function isAbout(Look $look, string $subject): bool
    {
        return $this->kind->look() === $look && $this->subject === $subject;
    }
}
