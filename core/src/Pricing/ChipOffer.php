<?php

declare(strict_types=1);

namespace Facelift\Pricing;

use Facelift\Chip\ChipWork;
use Facelift\Cost\Further;
use Facelift\Cost\ShopRules;
use Facelift\Quantity\Money;
use Facelift\Record\Rate;

/** Moving the old display's chip, beside leaving the notice: what it costs on top, and how likely it goes well. */
final readonly class ChipOffer
{
    /** @param Further $further on top of the price of the option; the loss is in it, weighed by its chance */
    private function __construct(public ChipWork $work, public Rate $record, public Further $further) {}

    /**
     * @param Rate  $record the shop's own tries; without any it is reckoned with one in two
     * @param Money $part   what the display cost that is lost if it fails
     */
    public static function of(ChipWork $work, Rate $record, Money $part, ShopRules $rules): self
    {
        $lost = $part->times((string) round(1.0 - $record->expected(), 4));
        $minutes = (int) ceil($work->hands() / 60);

        return new self($work, $record, Further::of($lost->plus($rules->sundries), $minutes, $rules));
    }

    /** That it goes well, 0 to 1: the mean of what the shop's record leaves possible. */
    public function chance(): float
    {
        return $this->record->expected();
    }
}
