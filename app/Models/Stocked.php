<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Supply\SupplyKind;

/** What a shop keeps so much of that it does not run out. */
enum Stocked: string
{
    case Part = 'part';
    case Tape = 'tape';
    case Glue = 'glue';
    case Blade = 'blade';
    case Pick = 'pick';

    public static function ofSupply(SupplyKind $kind): self
    {
        return match ($kind) {
            SupplyKind::Glue => self::Glue,
            SupplyKind::Blade => self::Blade,
            SupplyKind::Pick => self::Pick,
        };
    }

    /** True if only whole ones are ordered. */
    public function isCounted(): bool
    {
        return $this === self::Part || $this === self::Blade || $this === self::Pick;
    }
}
