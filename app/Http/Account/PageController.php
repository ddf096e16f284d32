<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Words\ShopName;
use Illuminate\Contracts\View\View;

/** The one page of the application; React takes it from there. */
final readonly class PageController
{
    public function __invoke(): View
    {
        return view('app', ['shop' => ShopName::now()]);
    }
}
