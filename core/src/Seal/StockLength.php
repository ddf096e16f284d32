<?php

declare(strict_types=1);

namespace Facelift\Seal;

/** What a layout takes of one width of tape. */
final readonly class StockLength
{
    /**
     * @param float       $width   mm
     * @param list<float> $lengths mm, one for every piece
     */
    public function __construct(public float $width, public array $lengths) {}

    /**
     * @param list<Piece> $pieces
     *
     * @return list<self> by width, narrow first
     */
    public static function of(array $pieces): array
    {
        $by = [];
        foreach ($pieces as $piece) {
            $by[(int) round(100 * $piece->stock)][] = $piece->length;
        }
        ksort($by);

        return array_map(
            static fn(int $width, array $lengths): self => new self($width / 100, $lengths),
            array_keys($by),
            $by,
        );
    }

    /** mm */
    public function all(): float
    {
        return array_sum($this->lengths);
    }
}
