<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

/** A day as planned, and how near to the best it is. */
final readonly class Planned
{
    /**
     * @param int  $late     weighted s late that no day is under
     * @param int  $finished sum of finishing times that no day is under, s of open time
     * @param bool $proven   true if every day was tried: none is less late, and of those none is finished earlier
     */
    public function __construct(
        public Laid $laid,
        public Value $value,
        public int $late,
        public int $finished,
        public bool $proven,
    ) {}

    /** True if no day can be less late. */
    public function isLeastLate(): bool
    {
        return $this->value->late <= $this->late;
    }
}
