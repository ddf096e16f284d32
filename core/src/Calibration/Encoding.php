<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** How one number, or a text, lies in a memory; the lower byte of a number first. */
enum Encoding: string
{
    case U8 = 'u8';
    case U16 = 'u16';
    case S16 = 's16';
    case U32 = 'u32';
    /** Printable ASCII, filled up with zero bytes. */
    case Text = 'text';

    /**
     * Bytes of one number or one letter.
     *
     * @return int<1, 4>
     */
    public function size(): int
    {
        return match ($this) {
            self::U8, self::Text => 1,
            self::U16, self::S16 => 2,
            self::U32 => 4,
        };
    }

    /**
     * The bytes of a number, the lower one first; what is too large for them is cut off.
     */
    public function bytes(int $number): string
    {
        $bytes = '';
        for ($i = 0; $i < $this->size(); ++$i) {
            $bytes .= \chr(($number >> (8 * $i)) & 0xFF);
        }

        return $bytes;
    }

    /** @param string $bytes as many as one number has, at least one */
    public function number(string $bytes): int
    {
        $value = 0;
        for ($i = \strlen($bytes) - 1; $i >= 0; --$i) {
            $value = ($value << 8) | \ord($bytes[$i]);
        }

        return $this === self::S16 && $value >= 0x8000 ? $value - 0x10000 : $value;
    }
}
