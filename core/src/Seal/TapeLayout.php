<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** Where tape lies on a ledge, and what it holds. */
final readonly class TapeLayout
{
    /**
     * @param list<Piece>  $pieces in the order of laying
     * @param float        $area   mm² of the ledge, openings not taken off
     * @param float        $held   share of the edge's length that some tape holds, 0 to 1
     * @param Bare|null    $bare   the longest piece of the edge that nothing holds; null if all of it is held
     * @param HeldCorner   $weakest the corner that is held least
     * @param list<string> $freed  ids of openings that the tape is cut free of
     */
    public function __construct(
        public array $pieces,
        public float $area,
        public float $held,
        public ?Bare $bare,
        public HeldCorner $weakest,
        public array $freed,
    ) {}

    /** mm² of tape on the ledge */
    public function holds(): float
    {
        return array_sum(array_map(static fn(Piece $p): float => $p->area(), $this->pieces));
    }

    /** @return list<StockLength> what is cut from every width, narrow first */
    public function lengths(): array
    {
        return StockLength::of($this->pieces);
    }

    /** mm of tape, of all widths together */
    public function length(): float
    {
        return array_sum(array_map(static fn(Piece $p): float => $p->length, $this->pieces));
    }
}
