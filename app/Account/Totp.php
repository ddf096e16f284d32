<?php

declare(strict_types=1);

namespace App\Account;

use InvalidArgumentException;
use ParagonIE\ConstantTime\Base32;

/**
 * Codes of the time, after RFC 6238 (HMAC-SHA-1, windows of 30 s) over RFC 4226. The window before and the one after
 * are taken too: clocks differ.
 */
final readonly class Totp
{
    private const WINDOW = 30;
    private const SECRET_BYTES = 20;

    /** @param int $digits 6, as telephones show them; up to 8 */
    public function __construct(private int $digits = 6) {}

    /** A new secret in base32. */
    public static function secret(): string
    {
        return Base32::encodeUpperUnpadded(random_bytes(self::SECRET_BYTES));
    }

    /**
     * @param string $secret in base32
     * @param int    $window number of 30 s since 1970
     *
     * @throws InvalidArgumentException If the secret is no base32.
     */
    public function code(string $secret, int $window): string
    {
        try {
            $key = Base32::decodeUpper(strtoupper($secret));
        } catch (\RangeException $e) {
            throw new InvalidArgumentException('The secret is no base32.', 0, $e);
        }
        $hash = hash_hmac('sha1', pack('J', $window), $key, true);
        $read = unpack('N', $hash, ord($hash[19]) & 0x0F);
        $number = (is_array($read) && is_int($read[1]) ? $read[1] : 0) & 0x7F_FF_FF_FF;

        return str_pad((string) ($number % 10 ** $this->digits), $this->digits, '0', STR_PAD_LEFT);
    }

    /**
     * @param int      $at   s since 1970
     * @param int|null $last window of the last code that was taken: none is taken twice
     *
     * @return int|null the window that it belongs to; null if the code is wrong or used
     */
    public function taken(string $secret, string $code, int $at, ?int $last): ?int
    {
        $now = intdiv($at, self::WINDOW);
        $taken = null;
        foreach ([$now - 1, $now, $now + 1] as $window) {
            // All three are compared, so that the time says nothing.
            if (hash_equals($this->code($secret, $window), $code) && $window > ($last ?? -1)) {
                $taken = $window;
            }
        }

        return $taken;
    }

    /** What a telephone reads from a QR code. */
    public static function address(string $secret, string $account): string
    {
        return 'otpauth://totp/' . rawurlencode('Facelift:' . $account) . '?' . http_build_query([
            'secret' => $secret,
            'issuer' => 'Facelift',
        ]);
    }
}
