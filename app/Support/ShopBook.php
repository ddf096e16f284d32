<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\GlassTry;
use App\Models\ShopRule;
use Facelift\Cost\ShopRules;
use Facelift\Cost\ShopRulesReader;
use Facelift\Record\Rate;

/** The shop's rules and its own record, as the counter needs them. */
final class ShopBook
{
    /** Until the owner has set others. Amounts are made up. */
    public const USUAL = [
        'currency' => 'EUR', 'hourlyRate' => '36.00', 'taxRate' => '0.19', 'roundTo' => '1.00', 'marginFloor' => '0.25', 'tapeMetre' => '0.60', 'seal' => '3.20',
        'glueMl' => '1.10', 'glassKit' => '4.50', 'sundries' => '1.50', 'fixed' => [], 'worth' => [], 'warrantyDays' => 180, 'insurerDays' => 14, 'picks' => ShopRules::PICKS,
    ];

    private ?ShopRules $read = null;

    public function rules(): ShopRules
    {
        return $this->read ??= (new ShopRulesReader())->read($this->row()->rules);
    }

    public function row(): ShopRule
    {
        return ShopRule::query()->firstOrCreate([], ['version' => 1, 'rules' => self::USUAL]);
    }

    /**
     * As they are kept, with what was not asked yet when they were.
     *
     * @return array<string, mixed>
     */
    public static function whole(ShopRule $row): array
    {
        return $row->rules + ['picks' => ShopRules::PICKS];
    }

    public function forget(): void
    {
        $this->read = null;
    }

    /** Glass-only tries, on customers' phones and practice panels. */
    public function glassRecord(): Rate
    {
        return Rate::of(GlassTry::query()->where('whole', true)->count(), GlassTry::query()->count());
    }
}
