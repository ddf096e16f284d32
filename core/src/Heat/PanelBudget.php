<?php

declare(strict_types=1);

namespace Facelift\Heat;

/**
 * How much of what a panel bears has been used up, over all heatings so far.
 *
 * Ten minutes at 85 °C are the whole of it, and every 2.5 K more halve that: 90 °C for two and a half minutes, 100 °C
 * for nine
 * seconds, 80 °C for forty minutes. It reproduces practice: the laminate parts at 70–90 °C, 100 °C is borne for a few
 * seconds,
 * twenty minutes of strong heat burn a panel (common practice, no source; an engineering estimate).
 */
final readonly class PanelBudget
{
    private const AT = 85.0;
    private const HALVES = 2.5;
    private const WHOLE = 600.0;

    /**
     * @param list<Sample> $samples in order
     *
     * @return float share used up; 1 and more is too much
     */
    public static function used(array $samples): float
    {
        $used = 0.0;
        for ($i = 1, $n = \count($samples); $i < $n; ++$i) {
            $used += (($samples[$i]->second - $samples[$i - 1]->second)
                    * (self::rate($samples[$i - 1]->panel) + self::rate($samples[$i]->panel)))
                / 2;
        }

        return $used / self::WHOLE;
    }

    /** Seconds that a panel bears a temperature from fresh. */
    public static function seconds(float $celsius): float
    {
        return self::WHOLE / self::rate($celsius);
    }

    private static function rate(float $celsius): float
    {
        return 2 ** (($celsius - self::AT) / self::HALVES);
    }
}
