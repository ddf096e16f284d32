<?php

declare(strict_types=1);

namespace App\Phones;

use Facelift\Anatomy\Family;
use Facelift\Anatomy\Phone;
use Facelift\Capture\Told;

/** Known phones that an unknown one may be: of its family and, within what a ruler may be off, of its size. */
final readonly class NearPhones
{
    /** mm that a ruler along a worn phone may be off (common practice, no source) */
    private const OFF = 1.5;
    private const OFF_THICK = 0.8;

    public function __construct(private PhoneLibrary $phones) {}

    /** @return list<array{id: string, name: string, codes: list<string>}> nearest first */
    public function to(Family $family, Told $told): array
    {
        $near = [];
        foreach ($this->phones->search('') as $id => $phone) {
            $far = self::far($phone, $told);
            if ($phone->family === $family && $far !== null) {
                $near[] = [$far, [
                    'id' => $id,
                    'name' => $phone->identity->name(),
                    'codes' => array_map(strval(...), array_keys($phone->identity->codes)),
                ]];
            }
        }
        usort($near, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($near, 1);
    }

    /** @return float|null mm in all; null if it cannot be the same */
    private static function far(Phone $phone, Told $told): ?float
    {
        $box = $phone->body->outline->box;
        $off = [abs($box->width - $told->width), abs($box->height - $told->height)];
        $thick = abs($phone->body->thickness - $told->thickness);

        return max($off) > self::OFF || $thick > self::OFF_THICK ? null : array_sum($off) + $thick;
    }
}
