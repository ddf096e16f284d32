<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Document\Reason;
use Facelift\Plan\Step;

/** What follows from a trouble, before anybody has confirmed it. */
final readonly class Consequence
{
    /**
     * @param string       $subject id in the phone file of what is hurt
     * @param list<Reason> $because what follows, in words
     * @param list<Step>   $now     steps that come before everything that is left
     * @param string|null  $part    id of a part that has to be ordered and is fitted instead of the old one; null for
     *     none
     * @param bool         $stops   true if nothing else may be done before the first of these steps
     * @param bool         $dropsChip true if no further work on the chip is done
     * @param Step|null    $withPart what is done with the part that was ordered before it goes in; null for nothing
     * @param bool         $quote   true if the price that the customer agreed to no longer holds
     */
    public function __construct(
        public Trouble $trouble,
        public string $subject,
        public array $because,
        public array $now,
        public ?string $part,
        public bool $stops,
        public bool $quote,
        public bool $dropsChip = false,
        public ?Step $withPart = null,
    ) {}
}
