<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Rectangle;

/** A ledge, a stock or a figure from which no seal can be worked out; says the figure and what would do. */
final class NothingToSeal extends \DomainException
{
    /** @param array<string, float> $widths mm by side */
    public static function ledgeMeetsItself(Rectangle $wall, array $widths): self
    {
        $list = implode(', ', array_map(
            static fn(string $s, float $w): string => \sprintf('%s %.2f', $s, $w),
            array_keys($widths),
            $widths,
        ));

        return new self(
            \sprintf(
                'ledge widths (%s mm) leave nothing inside of %.1f × %.1f mm: together they must be less',
                $list,
                $wall->width,
                $wall->height,
            ),
        );
    }

    public static function figure(string $field, float $is, float $low, float $high): self
    {
        return new self(
            \sprintf(
                '%s is %s mm, must lie between %s and %s mm',
                $field,
                self::plain($is),
                self::plain($low),
                self::plain($high),
            ),
        );
    }

    public static function beadTooWide(float $thinnest, float $spreads, float $ledge): self
    {
        return new self(
            \sprintf(
                'a bead of %s mm spreads to %s mm, the ledge takes %s mm: a thicker gap or tape would do',
                self::plain($thinnest),
                self::plain(round($spreads, 2)),
                self::plain(round($ledge, 2)),
            ),
        );
    }

    private static function plain(float $mm): string
    {
        return rtrim(rtrim(number_format($mm, 3, '.', ''), '0'), '.');
    }
}
