<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Renewal;

/** How a bond inside the phone is made again: strips under a battery, a dab under a motor or a camera. */
final readonly class InnerSeal
{
    /** ml in a dab under a small part (common practice, no source) */
    public const DAB = 0.05;
    /** mm that a strip ends before the edge of what it holds (common practice, no source) */
    private const SHORT_OF_EDGE = 5.0;
    /** mm wide of the tape under a battery, pull-tab or plain (common practice, no source) */
    private const WIDE = 5.0;

    /**
     * @param int   $strips of tape; zero for a dab
     * @param float $length mm of each strip
     * @param float $ml     of contact adhesive or silicone
     */
    private function __construct(
        public string $bond,
        public int $strips,
        public float $length,
        public float $ml,
        public bool $pullTab,
    ) {}

    /** Null for a bond that goes round an edge, and for one that is used again. */
    public static function of(Phone $phone, Bond $bond): ?self
    {
        if ($bond->cut !== null || $bond->closing->renewal === Renewal::Reuse) {
            return null;
        }
        if ($bond->closing->renewal === Renewal::Liquid) {
            return new self(
                $bond->id,
                0,
                0.0,
                self::DAB,
                false,
            );
        }
        $held = $phone->parts[$bond->lifted()];
        $strips = $held->kind === PartKind::Battery ? 2 : 1;
        $length = max(
            Piece::SHORTEST,
            max($held->box->height, $held->box->width) - 2 * self::SHORT_OF_EDGE,
        );

        return new self(
            $bond->id,
            $strips,
            $length,
            0.0,
            $bond->adhesive === AdhesiveKind::PullTab,
        );
    }

    /** mm of tape, 5 mm wide */
    public function tape(): float
    {
        return $this->strips * $this->length;
    }

    /** @return list<StockLength> what is cut for it; pull tabs come cut and from no roll */
    public function lengths(): array
    {
        return $this->strips === 0 || $this->pullTab
            ? []
            : [new StockLength(self::WIDE, array_fill(0, $this->strips, $this->length))];
    }

    /** mm² that it holds; zero for a dab */
    public function holds(): float
    {
        return $this->tape() * self::WIDE;
    }
}
