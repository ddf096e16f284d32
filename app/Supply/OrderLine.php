<?php

declare(strict_types=1);

namespace App\Supply;

use App\Models\Stocked;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Supply\Demand;
use Facelift\Supply\Reorder;

/** One thing that the shop keeps: what is there, what was used, what to order. */
final readonly class OrderLine
{
    public Reorder $reorder;

    /**
     * @param string               $name    of the phone; empty for what is of none
     * @param float|null           $width   mm, of tape
     * @param float                $have    pieces, m or ml
     * @param float|null           $set     the shop's own level
     * @param int                  $version of the level, 0 if none is kept
     */
    public function __construct(
        public Stocked $of,
        public string $phone,
        public string $name,
        public ?ReplacementKind $kind,
        public ?float $width,
        public float $have,
        public Demand $demand,
        public ?float $set,
        public Lead $lead,
        public int $version,
    ) {
        $this->reorder = Reorder::of($demand, $have, $set, $lead->days / 7);
    }

    /** What to order, whole ones where only whole ones come. */
    public function order(): float
    {
        return $this->whole($this->reorder->order);
    }

    public function level(): float
    {
        return $this->whole($this->reorder->level);
    }

    private function whole(float $amount): float
    {
        // What rounding left over is no piece.
        return $this->of->isCounted() ? ceil($amount - 1e-6) : ceil(10 * $amount - 1e-6) / 10;
    }
}
