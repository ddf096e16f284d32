<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Quantity\Money;

/** What a kind of part of a phone always costs, whatever it costs the shop. */
final readonly class FixedPrice
{
    /** @param string $phone id of the phone file */
    public function __construct(public string $phone, public ReplacementKind $kind, public Money $amount) {}
}
