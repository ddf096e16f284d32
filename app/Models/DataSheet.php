<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Fit\Sheet;

/** A data sheet between its stored form and the core. */
final readonly class DataSheet
{
    /** @var array<string, string> */
    public const FIELDS = [
        'width' => 'number',
        'height' => 'number',
        'pixelsWide' => 'whole',
        'pixelsHigh' => 'whole',
        'thickness' => 'number',
        'stylusLayer' => 'flag',
        'readerThrough' => 'flag',
        'memory' => 'flag',
        'chipPlace' => 'flag',
        'pulled' => 'flag',
    ];

    /** @param array<string, float|int|bool|null> $data */
    public static function of(array $data): Sheet
    {
        $number = static fn(string $key): ?float => is_numeric($data[$key] ?? null) ? (float) $data[$key] : null;
        $whole = static fn(string $key): ?int => is_numeric($data[$key] ?? null) ? (int) $data[$key] : null;
        $flag = static fn(string $key): ?bool => is_bool($data[$key] ?? null) ? $data[$key] : null;

        return new Sheet(
            $number('width'),
            $number('height'),
            $whole('pixelsWide'),
            $whole('pixelsHigh'),
            $number('thickness'),
            $flag('stylusLayer'),
            $flag('readerThrough'),
            $flag('memory'),
            $flag('chipPlace'),
            $flag('pulled'),
        );
    }

    /** @return array<string, float|int|bool|null> every field, null where nothing is known */
    public static function data(Sheet $sheet): array
    {
        return [
            'width' => $sheet->width,
            'height' => $sheet->height,
            'pixelsWide' => $sheet->pixelsWide,
            'pixelsHigh' => $sheet->pixelsHigh,
            'thickness' => $sheet->thickness,
            'stylusLayer' => $sheet->stylusLayer,
            'readerThrough' => $sheet->readerThrough,
            'memory' => $sheet->memory,
            'chipPlace' => $sheet->chipPlace,
            'pulled' => $sheet->pulled,
        ];
    }
}
