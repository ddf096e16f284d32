<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Renewal;
use Facelift\Document\Reason;

/** How one bond is made again: the way that was taken, where its adhesive lies, and how long it is held. */
final readonly class SealPlan
{
    /**
     * @param Renewal          $renewal   as the phone was built
     * @param Way|null         $way       null if there is none, and what it holds goes back as it is
     * @param float|null       $thickness mm of tape or seal as laid; null if none is
     * @param list<Piece>      $pieces    of tape, in the order of laying; empty unless it is taped
     * @param Heights|null     $heights   where the glass ends up; null for a bond whose recess is not known
     * @param list<string>     $freed     ids of openings that are left free
     * @param bool             $supplied  its adhesive came with the part
     * @param list<Reason>     $because   why this way, and what it holds
     */
    public function __construct(
        public string $bond,
        public Renewal $renewal,
        public ?Way $way,
        public ?float $thickness,
        public array $pieces,
        public ?Bead $bead,
        public ?Heights $heights,
        public array $freed,
        public ?Hold $hold,
        public array $because,
        public bool $supplied = false,
    ) {}

    /** @return list<StockLength> what is cut from every width, narrow first */
    public function lengths(): array
    {
        return StockLength::of($this->pieces);
    }

    /** mm of tape */
    public function tape(): float
    {
        return array_sum(array_map(static fn(Piece $p): float => $p->length, $this->pieces));
    }
}
