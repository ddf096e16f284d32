<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** The 15-digit number of a phone, its last digit a Luhn check digit (3GPP TS 23.003, annex B). */
final readonly class Imei
{
    public static function isValid(string $digits): bool
    {
        return preg_match('/^\d{15}$/D', $digits) === 1
            && self::checkDigit(substr($digits, 0, 14)) === (int) $digits[14];
    }

    /**
     * The Luhn check digit of a number without it.
     *
     * @param string $digits only digits
     */
    public static function checkDigit(string $digits): int
    {
        $sum = 0;
        foreach (array_reverse(str_split($digits)) as $i => $digit) {
            $d = (int) $digit * ($i % 2 === 0 ? 2 : 1);
            $sum += $d > 9 ? $d - 9 : $d;
        }

        return (10 - $sum % 10) % 10;
    }
}
