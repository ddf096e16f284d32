<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\ChipTry;
use App\Models\GlassTry;
use App\Models\ShopRule;
use Facelift\Cost\ShopRules;
use Facelift\Cost\ShopRulesReader;
use Facelift\Record\Rate;
use Facelift\Seal\CornerCut;

/** The shop's rules and its own record, as the counter needs them. */
final class ShopBook
{
    private ?ShopRules $read = null;

    public function rules(): ShopRules
    {
        return $this->read ??= (new ShopRulesReader())->read($this->row()->rules);
    }

    public function row(): ShopRule
    {
        return ShopRule::query()->firstOrCreate([], ['version' => 1, 'rules' => ShopRulesReader::USUAL]);
    }

    /**
     * As they are kept, with what was not asked yet when they were.
     *
     * @return array<string, mixed>
     */
    public static function whole(ShopRule $row): array
    {
        return $row->rules + ['picks' => ShopRules::PICKS, 'holds' => true, 'chance' => ShopRules::CHANCE]
            + ['corner' => CornerCut::Notched->value];
    }

    public function forget(): void
    {
        $this->read = null;
    }

    /** Glass-only tries, on customers' phones and practice panels. */
    /** The shop's own chips that were moved. */
    public function chipRecord(): Rate
    {
        return Rate::of(ChipTry::query()->where('works', true)->count(), ChipTry::query()->count());
    }

    public function glassRecord(): Rate
    {
        return Rate::of(GlassTry::query()->where('whole', true)->count(), GlassTry::query()->count());
    }
}
