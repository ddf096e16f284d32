<?php

declare(strict_types=1);

namespace Facelift\Schedule;

use Facelift\Plan\StepKind;

/** Work on one phone that is done in one go: hands first, then a time that needs none. */
final readonly class Piece
{
    /**
     * @param string         $step      id of its first step
     * @param float          $hands     s
     * @param float          $off       s that need no hands, but the equipment; may be longer
     * @param Equipment|null $equipment held from its beginning until the time without hands is over
     * @param float|null     $within    s within which the next has to begin; 0 if at once and by the same hands (a warm
     *     bond does not wait), null if it may wait
     * @param list<Right>    $rights    that whoever does it needs
     * @param StepKind|null  $kind      of its first step
     */
    public function __construct(
        public string $step,
        public float $hands,
        public float $off = 0.0,
        public ?Equipment $equipment = null,
        public ?float $within = null,
        public array $rights = [],
        public ?StepKind $kind = null,
    ) {}

    /** True if the same hands go on with the next. */
    public function atOnce(): bool
    {
        return $this->within === 0.0;
    }
}
