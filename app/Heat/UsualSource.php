<?php

declare(strict_types=1);

namespace App\Heat;

/**
 * A source of heat that a new shop is taken to have, with the settings that are tried of it (common practice, no
 * source).
 */
enum UsualSource: string
{
    case Plate = 'plate';
    case Gun = 'gun';
    case Dryer = 'dryer';
    case Bag = 'bag';

    /** @return non-empty-list<array<string, mixed>> as they are sent and kept */
    public function settings(): array
    {
        return match ($this) {
            self::Plate => [
                ['kind' => 'plate', 'set' => 75],
                ['kind' => 'plate', 'set' => 85],
                ['kind' => 'plate', 'set' => 95],
            ],
            self::Gun => array_merge(...array_map(
                static fn(int $set): array => array_map(
                    static fn(int $edge): array => [
                        'kind' => 'hot-air',
                        'set' => $set,
                        'distance' => 30,
                        'edge' => $edge,
                    ],
                    [80, 100, 150],
                ),
                [120, 135, 150, 170],
            )),
            self::Dryer => [['kind' => 'hot-air', 'set' => 110, 'distance' => 60, 'edge' => 150]],
            self::Bag => [['kind' => 'grain-bag', 'mass' => 0.5, 'minutes' => 2.5]],
        };
    }
}
