<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Document\Reason;

/** One way with the display's data, and all that the customer will see of it. */
final readonly class SwapWay
{
    /**
     * @param list<SwapRow> $rows  one for each function that the memory serves, and one for the notice
     * @param list<Reason>  $hears the same as sentences
     */
    public function __construct(public DataWay $way, public array $rows, public array $hears) {}
}
