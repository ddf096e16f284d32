<?php

declare(strict_types=1);

namespace App\Phones;

use Facelift\Pack\BadPack;
use Facelift\Pack\Pack;
use Facelift\Pack\PackReader;
use RuntimeException;
use ZipArchive;

/** A pack of phone files as a zip file. It is never unpacked to disk. */
final readonly class PackFile
{
    /** Entries, bytes of one and of all: a small file can claim to hold a huge one. */
    private const MOST = 202;
    private const MOST_EACH = 1_000_000;
    private const MOST_IN_ALL = 24_000_000;

    /** @throws BadPack If anything is wrong with it: nothing of it is taken. */
    public function read(string $file): Pack
    {
        $zip = new ZipArchive();
        if ($zip->open($file, ZipArchive::RDONLY) !== true) {
            throw BadPack::because('pack-no-zip');
        }
        try {
            return (new PackReader())->read(self::entries($zip));
        } finally {
            $zip->close();
        }
    }

    /** @param array<string, string> $entries bytes by name */
    public function write(array $entries): string
    {
        $file = tempnam(sys_get_temp_dir(), 'pack');
        $zip = new ZipArchive();
        if ($file === false || $zip->open($file, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('No room for the pack.');
        }
        foreach ($entries as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    /** @return array<string, string> */
    private static function entries(ZipArchive $zip): array
    {
        if ($zip->numFiles > self::MOST) {
            throw BadPack::because('pack-too-many', ['count' => $zip->numFiles, 'most' => self::MOST]);
        }
        $entries = [];
        $all = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $stat = $zip->statIndex($i);
            $name = is_array($stat) && is_string($stat['name'] ?? null) ? $stat['name'] : '';
            if (preg_match(PackReader::NAME, $name) !== 1 || isset($entries[$name])) {
                throw BadPack::because('pack-name', ['name' => mb_strimwidth(mb_scrub($name), 0, 80, '…')]);
            }
            // What it says of its size is not believed: no more than that is ever unpacked.
            $bytes = $zip->getFromIndex($i, self::MOST_EACH + 1);
            $all += is_string($bytes) ? strlen($bytes) : 0;
            if (!is_string($bytes)) {
                throw BadPack::because('pack-damaged', ['name' => $name]);
            }
            if (strlen($bytes) > self::MOST_EACH || $all > self::MOST_IN_ALL) {
                throw BadPack::because('pack-too-large', ['name' => $name]);
            }
            $entries[$name] = $bytes;
        }

        return $entries;
    }
}
