<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\ShopSetting;
use Illuminate\Support\Facades\Config;
use PDOException;

/** What the shop is called: as its owner has set it, or as the installation says until then. */
final class ShopName
{
    public static function now(): string
    {
        try {
            $name = ShopSetting::query()->first()->settings['name'] ?? null;
        } catch (PDOException) {
            // The page says that the database is away by itself.
            $name = null;
        }

        return is_string($name) && $name !== '' ? $name : Config::string('facelift.shop');
    }
}
