<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Config;

/** Under which address the shop is reached: the one it has set, otherwise the one by which it was just asked. */
final class ShopAddress
{
    /**
     * The whole address of a path.
     *
     * @param string $path beginning with a slash, or empty for the shop itself, without a slash at its end
     */
    public static function of(string $path = ''): string
    {
        $set = Config::string('facelift.url');

        return ($set === '' ? url('/') : rtrim($set, '/')) . $path;
    }
}
