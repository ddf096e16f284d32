<?php

declare(strict_types=1);

namespace Facelift\Pack;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Rests;
use Facelift\Document\Unreadable;

/** Puts phone files into a pack: format `facelift-pack`, version 1 (see docs/formats.md). */
final readonly class PackWriter
{
    public const FORMAT = 'facelift-pack';
    public const MANIFEST = 'manifest.json';
    public const SIGNATURE = 'manifest.sig';
    private const JSON = \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE
        | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;

    /**
     * In which jobs of the shop something was seen stays with the shop.
     *
     * @param list<array<string, mixed>> $documents phone files, no two of the same id
     * @param string                     $made      yyyy-mm-dd
     *
     * @return array<string, string> bytes by name, the manifest first
     *
     * @throws Unreadable If one is no phone file.
     */
    public function entries(array $documents, string $shop, string $made, ?ShopKey $key): array
    {
        $files = $rows = [];
        foreach ($documents as $document) {
            $phone = (new PhoneReader())->read($document);
            $text = json_encode(self::withoutJobs($document), self::JSON) . "\n";
            $path = 'phones/' . $phone->identity->id . '.phone.json';
            $files[$path] = $text;
            $rows[] = [
                'path' => $path,
                'bytes' => \strlen($text),
                'sha256' => hash('sha256', $text),
                'phone' => $phone->identity->name(),
                'rests' => self::rests($phone),
            ];
        }
        $manifest = json_encode([
            'format' => self::FORMAT,
            'version' => 1,
            'shop' => $shop,
            'made' => $made,
            'key' => $key === null ? null : base64_encode($key->public),
            'files' => $rows,
        ], self::JSON) . "\n";
        $signature = $key === null ? [] : [self::SIGNATURE => base64_encode($key->sign($manifest)) . "\n"];

        return [self::MANIFEST => $manifest] + $signature + $files;
    }

    /** @return array{assumed: int, seen: int, measured: int} elements by what they rest on */
    public static function rests(Phone $phone): array
    {
        $count = ['assumed' => 0, 'seen' => 0, 'measured' => 0];
        foreach ($phone->parts + $phone->fasteners + $phone->connectors + $phone->bonds as $id => $_) {
            match ($phone->footing->of($id)) {
                Rests::Assumed => ++$count['assumed'],
                Rests::Seen => ++$count['seen'],
                Rests::Measured => ++$count['measured'],
            };
        }

        return $count;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function withoutJobs(array $document): array
    {
        $footing = $document['footing'] ?? null;
        if (!\is_array($footing)) {
            return $document;
        }
        foreach (['elements', 'sections'] as $list) {
            $footing[$list] = array_map(
                static fn(mixed $row): mixed => \is_array($row) ? array_diff_key($row, ['job' => 0]) : $row,
                \is_array($footing[$list] ?? null) ? $footing[$list] : [],
            );
        }
        $repairs = \is_array($footing['repairs'] ?? null) ? $footing['repairs'] : [];
        $footing['repairs'] = array_map(
            static fn(mixed $row): mixed => \is_array($row) ? array_replace($row, ['job' => 'packed']) : $row,
            $repairs,
        );

        return array_replace($document, ['footing' => $footing]);
    }
}
