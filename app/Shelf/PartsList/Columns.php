<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

/** The columns of a parts list, in the order of writing. */
final readonly class Columns
{
    public const ALL = [
        'label',
        'name',
        'kind',
        'codes',
        'connector',
        'technology',
        'colour',
        'refresh',
        'brings',
        'supplier',
        'batch',
        'state',
        'place',
        'cost',
        'width',
        'height',
        'pixelsWide',
        'pixelsHigh',
        'thickness',
        'stylusLayer',
        'readerThrough',
        'memory',
        'chipPlace',
        'pulled',
    ];

    /** A column that is read and never written: what it fills in is written. */
    public const PHONE = 'phone';

    public const REQUIRED = ['name', 'kind', 'codes', 'supplier', 'place'];

    /** What a phone and a kind of part say, so that a list that names the phone may leave it out. */
    public const BY_PHONE = ['name', 'codes', 'connector', 'technology', 'refresh', 'brings'];

    /** Columns whose cells are decimal numbers. */
    public const DECIMAL = ['cost', 'width', 'height', 'thickness'];

    /** Headings as they are written elsewhere, compared without case, blanks and signs. */
    private const ALSO = [
        'part' => 'name',
        'description' => 'name',
        'modelcodes' => 'codes',
        'models' => 'codes',
        'model' => 'phone',
        'device' => 'phone',
        'code' => 'codes',
        'color' => 'colour',
        'price' => 'cost',
        'purchaseprice' => 'cost',
        'shelf' => 'place',
        'location' => 'place',
        'hz' => 'refresh',
        'smallparts' => 'brings',
        'type' => 'kind',
        'panel' => 'technology',
    ];

    public static function named(string $heading): ?string
    {
        $plain = self::plain($heading);
        foreach ([...self::ALL, self::PHONE] as $column) {
            if (self::plain($column) === $plain) {
                return $column;
            }
        }

        return self::ALSO[$plain] ?? null;
    }

    /**
     * What has to be in a line, or in the heading of a list.
     *
     * @return list<string>
     */
    public static function required(bool $namesThePhone): array
    {
        return $namesThePhone ? array_values(array_diff(self::REQUIRED, self::BY_PHONE)) : self::REQUIRED;
    }

    private static function plain(string $heading): string
    {
        return (string) preg_replace('/[^a-z]/', '', mb_strtolower($heading));
    }
}
