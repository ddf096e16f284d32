<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Quantity\Money;
use Facelift\Seal\CornerCut;

/** How the shop computes its prices, and what it works with. */
final readonly class ShopRules
{
    /**
     * Opening picks at a bench (common practice: six or so are in use, the first are pulled and used again further
     * on).
     */
    public const PICKS = 6;
    /** Per cent (common practice, no source). */
    public const CHANCE = 80;

    /**
     * @param string               $currency    sign or code printed behind amounts
     * @param Money                $hourlyRate  what an hour of hands-on work costs the shop
     * @param string               $taxRate     share of the net price, `0.19` for 19 %
     * @param Money                $roundTo     gross prices are rounded up to a whole multiple of this, more than zero
     * @param string               $marginFloor share of the net price that stays at least, 0 to below 1
     * @param Money                $tapeMetre   per metre, whatever its width
     * @param Money                $seal        one pre-cut seal
     * @param Money                $glueMl      per ml of liquid adhesive
     * @param Money                $glassKit    wire, optical adhesive and cleaner for one glass-only try
     * @param Money                $sundries    wipes, alcohol, gloves: once per job
     * @param list<FixedPrice>     $fixed       gross prices that hold whatever a part costs
     * @param array<string, Money> $worth       what a phone is worth today, by its id
     * @param int                  $picks       opening picks that the shop has for one phone, 1 to 50
     * @param bool                 $holds       true if a gun can go on while somebody cuts: in the other hand, or on a
     *     stand
     * @param int                  $chance      that every pass of the blade is through in time with, per cent, 50 to 99
     * @param CornerCut            $corner      how tape is taken round a corner
     */
    public function __construct(
        public string $currency,
        public Money $hourlyRate,
        public string $taxRate,
        public Money $roundTo,
        public string $marginFloor,
        public Money $tapeMetre,
        public Money $seal,
        public Money $glueMl,
        public Money $glassKit,
        public Money $sundries,
        public array $fixed,
        public array $worth,
        public int $warrantyDays,
        public int $insurerDays,
        public int $picks = self::PICKS,
        public bool $holds = true,
        public int $chance = self::CHANCE,
        public CornerCut $corner = CornerCut::Notched,
    ) {}

    public function fixedFor(string $phone, ReplacementKind $kind): ?Money
    {
        foreach ($this->fixed as $price) {
            if ($price->phone === $phone && $price->kind === $kind) {
                return $price->amount;
            }
        }

        return null;
    }
}
