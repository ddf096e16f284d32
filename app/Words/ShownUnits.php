<?php

declare(strict_types=1);

namespace App\Words;

use Facelift\Schedule\LengthUnit;
use Facelift\Schedule\TemperatureUnit;

/** Figures in the units that the shop wants to see; what is kept and typed stays in °C and mm. */
final readonly class ShownUnits
{
    private const FIGURE = '[−-]?\d+(?:\.\d+)?';
    /** one figure, or several with a dash, a cross, "to" or "and" between */
    private const FIGURES = self::FIGURE . '(?:(?: ?[–×] ?| to | and )' . self::FIGURE . ')*';
    private const MM_IN_INCH = 25.4;

    public function __construct(private TemperatureUnit $temperature, private LengthUnit $length) {}

    /** The same text with its temperatures and lengths in the shop's units. */
    public function in(string $text): string
    {
        if ($this->temperature === TemperatureUnit::Fahrenheit) {
            $text = self::each($text, '°C', '°F', static fn(float $c): string => sprintf('%.0f', $c * 1.8 + 32));
        }
        if ($this->length === LengthUnit::Inch) {
            $text = self::each($text, 'mm(?![²³\/\w])', 'in', static fn(float $mm): string => sprintf(
                '%.' . (abs($mm) < 10 ? 3 : 2) . 'f',
                $mm / self::MM_IN_INCH,
            ));
        }

        return $text;
    }

    /** The same page with what is written on it in the shop's units; what is drawn stays. */
    public function inHtml(string $html): string
    {
        return (string) preg_replace_callback('/>[^<>]+</u', fn(array $m): string => $this->in($m[0]), $html);
    }

    /** @param \Closure(float): string $as */
    private static function each(string $text, string $unit, string $shown, \Closure $as): string
    {
        $one = static function (array $m) use ($as): string {
            $figure = is_string($m[0]) ? $m[0] : '';

            return str_replace('-', '−', $as((float) str_replace('−', '-', $figure)));
        };

        return (string) preg_replace_callback(
            '/(' . self::FIGURES . ') ' . $unit . '/u',
            static fn(array $m): string => preg_replace_callback('/' . self::FIGURE . '/u', $one, $m[1]) . ' ' . $shown,
            $text,
        );
    }
}
