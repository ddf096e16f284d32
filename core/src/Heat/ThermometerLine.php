<?php

declare(strict_types=1);

namespace Facelift\Heat;

/**
 * One line of a thermometer, format `FT1` (see docs/formats.md): `FT1 T7 000412 0742 9B`.
 *
 * Device, running number, tenths of a degree Celsius or `open` for a probe without contact inside itself, and two
 * hexadecimal
 * digits: the sum of all bytes before the last blank, modulo 256.
 */
final readonly class ThermometerLine
{
    /**
     * @param int      $sequence 0 to 999999, then from 0 again
     * @param int|null $tenths   tenths of °C, −200 to 2500; null if the probe is open
     */
    private function __construct(public string $device, public int $sequence, public ?int $tenths) {}

    /** Null for a line that is garbled, of another format or out of range: half a number is worse than none. */
    public static function parse(string $line): ?self
    {
        if (
            preg_match('/^(FT1 ([A-Z][A-Z0-9]{0,9}) (\d{6}) (open|-?\d{4})) ([0-9A-F]{2})\r?\n?$/D', $line, $m) !== 1
            || self::check($m[1]) !== $m[5]
        ) {
            return null;
        }
        $tenths = $m[4] === 'open' ? null : (int) $m[4];

        return $tenths !== null && ($tenths < -200 || $tenths > 2500) ? null : new self($m[2], (int) $m[3], $tenths);
    }

    private static function check(string $text): string
    {
        return \sprintf('%02X', array_sum(array_map(\ord(...), str_split($text))) % 256);
    }
}
