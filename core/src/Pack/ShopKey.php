<?php

declare(strict_types=1);

namespace Facelift\Pack;

/** The key by which a shop signs what it gives away: Ed25519, as libsodium has it. */
final readonly class ShopKey
{
    /**
     * @param non-empty-string $secret
     * @param non-empty-string $public 32 bytes
     */
    private function __construct(private string $secret, public string $public) {}

    /** @param non-empty-string $seed 32 random bytes that the shop keeps to itself */
    public static function of(string $seed): self
    {
        $pair = sodium_crypto_sign_seed_keypair($seed);

        return new self(sodium_crypto_sign_secretkey($pair), sodium_crypto_sign_publickey($pair));
    }

    /** @return string 64 bytes */
    public function sign(string $bytes): string
    {
        return sodium_crypto_sign_detached($bytes, $this->secret);
    }

    /** What two people can read to each other: the beginning of the key's SHA-256, in fours. */
    public static function fingerprint(string $public): string
    {
        return implode(' ', str_split(substr(hash('sha256', $public), 0, 32), 4));
    }
}
