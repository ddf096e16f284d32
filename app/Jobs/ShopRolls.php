<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Roll as Kept;
use Facelift\Seal\Roll;
use Facelift\Seal\Rolls;

/** The rolls of the shop; until one is kept, those that every shop is taken to have. */
final class ShopRolls
{
    private ?Rolls $read = null;

    public function all(): Rolls
    {
        return $this->read ??= self::of(...Kept::query()->orderBy('width')->orderBy('name')->get()->all());
    }

    public function forget(): void
    {
        $this->read = null;
    }

    public static function of(Kept ...$rows): Rolls
    {
        return $rows === [] ? Rolls::usual() : new Rolls(array_map(self::roll(...), array_values($rows)));
    }

    private static function roll(Kept $r): Roll
    {
        return new Roll(
            $r->id,
            (float) $r->width,
            (float) $r->thickness,
            (float) $r->gives,
            (float) $r->left_mm,
        );
    }
}
