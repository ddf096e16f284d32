<?php

declare(strict_types=1);

namespace App\Counter;

use Facelift\Fit\DataWay;

/** What a customer decided about a display's data, and who that was. */
final readonly class Decided
{
    public function __construct(public DataWay $way, public string $by) {}
}
