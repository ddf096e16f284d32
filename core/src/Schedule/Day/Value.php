<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** How good a day is; what stands first counts before all that follows. Less is better. */
final readonly class Value
{
    /**
     * @param int $late     s of open time by which phones are late, each as often as it weighs
     * @param int $moved    blocks that somebody else does, or in another order, than was planned before
     * @param int $finished sum of the times at which phones are ready, s of open time
     * @param int $changes  how often somebody goes on with another phone
     */
    public function __construct(public int $late, public int $moved, public int $finished, public int $changes) {}

    public function isBetterThan(self $other): bool
    {
        return $this->parts() < $other->parts();
    }

    /** @return list<int> */
    public function parts(): array
    {
        return [$this->late, $this->moved, $this->finished, $this->changes];
    }
}
