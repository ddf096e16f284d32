<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** The two check sums of a dump: one over the whole, one over each block. */
final class Checksum
{
    /** CRC-32 (polynomial 0x04C11DB7, reflected, all ones in and out) of bytes. */
    public static function crc32(string $bytes): int
    {
        return crc32($bytes);
    }

    /** CRC-16/CCITT-FALSE (polynomial 0x1021, start 0xFFFF, nothing reflected) of bytes. */
    public static function ccittFalse(string $bytes): int
    {
        $crc = 0xFFFF;
        for ($i = 0, $end = \strlen($bytes); $i < $end; ++$i) {
            $crc ^= \ord($bytes[$i]) << 8;
            for ($bit = 0; $bit < 8; ++$bit) {
                $crc = ($crc & 0x8000) !== 0 ? (($crc << 1) ^ 0x1021) & 0xFFFF : $crc << 1;
            }
        }

        return $crc;
    }
}
