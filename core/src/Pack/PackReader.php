<?php

declare(strict_types=1);

namespace Facelift\Pack;

use Facelift\Anatomy\PhoneReader;
use Facelift\Document\JsonText;
use Facelift\Document\Unreadable;

/** Reads a pack of phone files. Whatever is wrong in it, nothing of it is taken. */
final readonly class PackReader
{
    /** Names that may lie in a pack: nothing else does, and none leads out of it. */
    public const NAME = '#^(manifest\.json|manifest\.sig|phones/[a-z0-9-]{1,60}\.phone\.json)$#D';

    /**
     * @param array<string, string> $entries bytes by name
     *
     * @throws BadPack
     */
    public function read(array $entries): Pack
    {
        foreach (array_keys($entries) as $name) {
            if (preg_match(self::NAME, $name) !== 1) {
                throw BadPack::because('pack-name', ['name' => mb_strimwidth($name, 0, 80, '…')]);
            }
        }
        $text = $entries[PackWriter::MANIFEST] ?? throw BadPack::because('pack-no-manifest');
        $manifest = self::named(json_decode($text, true, 64)) ?? throw BadPack::because('pack-no-manifest');
        if (($manifest['format'] ?? null) !== PackWriter::FORMAT || ($manifest['version'] ?? null) !== 1) {
            throw BadPack::because('pack-format');
        }
        $key = self::key($manifest, $text, $entries[PackWriter::SIGNATURE] ?? null);
        $files = self::files($manifest, $entries);
        $word = static fn(string $k): string => \is_string($manifest[$k] ?? null)
            ? mb_strimwidth($manifest[$k], 0, 120, '…')
            : '';

        return new Pack($files, $word('shop'), $word('made'), $key);
    }

    /**
     * @param array<string, mixed> $manifest
     *
     * @return string|null the public key, if its signature is good; null if nobody has signed
     */
    private static function key(array $manifest, string $text, ?string $signature): ?string
    {
        $named = $manifest['key'] ?? null;
        if ($named === null && $signature === null) {
            return null;
        }
        $key = \is_string($named) ? base64_decode($named, true) : false;
        $signed = $signature === null ? false : base64_decode(trim($signature), true);
        $good = \is_string($key) && \strlen($key) === \SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES
            && \is_string($signed) && \strlen($signed) === \SODIUM_CRYPTO_SIGN_BYTES
            && sodium_crypto_sign_verify_detached($signed, $text, $key);

        return $good ? $key : throw BadPack::because('pack-signature');
    }

    /**
     * @param array<string, mixed>  $manifest
     * @param array<string, string> $entries
     *
     * @return list<Packed>
     */
    private static function files(array $manifest, array $entries): array
    {
        $files = $named = [];
        foreach (\is_array($manifest['files'] ?? null) ? $manifest['files'] : [] as $row) {
            $path = \is_array($row) && \is_string($row['path'] ?? null) ? $row['path'] : '';
            $bytes = $entries[$path] ?? null;
            if (!\is_array($row) || $bytes === null || isset($named[$path]) || !str_starts_with($path, 'phones/')) {
                throw BadPack::because('pack-missing', ['name' => mb_strimwidth($path, 0, 80, '…')]);
            }
            $named[$path] = true;
            if (($row['sha256'] ?? null) !== hash('sha256', $bytes) || ($row['bytes'] ?? null) !== \strlen($bytes)) {
                throw BadPack::because('pack-sum', ['name' => $path]);
            }
            $files[] = self::file($path, $bytes);
        }
        $more = array_diff_key($entries, $named, [PackWriter::MANIFEST => 0, PackWriter::SIGNATURE => 0]);
        if ($more !== []) {
            throw BadPack::because('pack-not-named', ['name' => (string) array_key_first($more)]);
        }

        return $files === [] ? throw BadPack::because('pack-empty') : $files;
    }

    private static function file(string $path, string $bytes): Packed
    {
        try {
            $document = self::named(JsonText::read($bytes, 'phone file'))
                ?? throw BadPack::because('pack-not-json', ['name' => $path]);
            $phone = (new PhoneReader())->read($document);
        } catch (Unreadable $e) {
            $why = mb_strimwidth($e->getMessage(), 0, 300, '…');
            throw BadPack::because('pack-phone', ['name' => $path, 'why' => $why]);
        }
        if ($path !== 'phones/' . $phone->identity->id . '.phone.json') {
            throw BadPack::because('pack-other-id', ['name' => $path, 'id' => $phone->identity->id]);
        }

        return new Packed($phone, $document);
    }

    /** @return array<string, mixed>|null */
    private static function named(mixed $data): ?array
    {
        if (!\is_array($data) || array_is_list($data)) {
            return null;
        }
        $named = [];
        foreach ($data as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }
}
