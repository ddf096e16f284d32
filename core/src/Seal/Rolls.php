<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** The rolls of tape that there are. */
final readonly class Rolls
{
    /** mm as laid (from memory) */
    private const FOAM = 0.3;
    private const FILM = 0.1;

    /** @param list<Roll> $all */
    public function __construct(public array $all) {}

    /**
     * What every shop is taken to have: five widths of thin foam tape, and thin film tape in two (widths: common
     * practice, no source; thicknesses: from memory).
     */
    public static function usual(): self
    {
        $rolls = [];
        foreach ([1.0, 1.5, 2.0, 3.0, 5.0] as $width) {
            $rolls[] = new Roll(
                'foam-' . $width,
                $width,
                self::FOAM,
                Roll::FOAM_GIVES,
                10_000.0,
            );
        }
        foreach ([1.0, 2.0] as $width) {
            $rolls[] = new Roll(
                'film-' . $width,
                $width,
                self::FILM,
                0.0,
                25_000.0,
            );
        }

        return new self($rolls);
    }

    /** @return list<float> mm as laid, thin first */
    public function thicknesses(): array
    {
        $all = array_values(array_unique(array_map(static fn(Roll $r): float => $r->thickness, $this->all)));
        sort($all);

        return $all;
    }

    /** Those of one thickness. */
    public function of(float $thickness): self
    {
        return new self(
            array_values(array_filter($this->all, static fn(Roll $r): bool => abs($r->thickness - $thickness) < 1e-6)),
        );
    }

    /** @return list<float> mm, narrow first; of rolls that have something left */
    public function widths(): array
    {
        $with = array_filter($this->all, static fn(Roll $r): bool => $r->left >= Piece::SHORTEST);
        $all = array_values(array_unique(array_map(static fn(Roll $r): float => $r->width, $with)));
        sort($all);

        return $all;
    }
}
