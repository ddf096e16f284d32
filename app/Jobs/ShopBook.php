<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\ChipTry;
use App\Models\GlassTry;
use App\Models\ShopRule;
use Facelift\Cost\ShopRules;
use Facelift\Cost\ShopRulesReader;
use Facelift\Document\Unreadable;
use Facelift\Record\Rate;
use Facelift\Seal\CornerCut;
use Illuminate\Support\Facades\DB;

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
        $rules = $row->rules;
        foreach (['fixed', 'worth'] as $list) {
            $rows = $rules[$list] ?? [];
            $rules[$list] = array_map(self::apart(...), is_array($rows) ? array_values($rows) : []);
        }

        return $rules + ['picks' => ShopRules::PICKS, 'holds' => true, 'chance' => ShopRules::CHANCE]
            + ['corner' => CornerCut::Notched->value];
    }

    /** Phone and kind of part, which stood in one text earlier, each by itself. */
    private static function apart(mixed $row): mixed
    {
        if (!is_array($row) || !is_string($row['for'] ?? null)) {
            return $row;
        }
        $parts = explode(' ', $row['for']);

        $kind = isset($parts[1]) ? ['kind' => $parts[1]] : [];

        return ['phone' => $parts[0]] + $kind + ['amount' => $row['amount'] ?? ''];
    }

    /**
     * @param array<string, mixed> $rules
     *
     * @throws Unreadable If they are faulty: nothing is kept.
     * @throws Conflict   If somebody else has changed them meanwhile.
     */
    public function keep(int $version, array $rules): ShopRule
    {
        (new ShopRulesReader())->read($rules);
        $this->row();
        $row = DB::connection()->transaction(static function () use ($version, $rules): ShopRule {
            $locked = ShopRule::query()->lockForUpdate()->firstOrFail();
            if (self::whole($locked) === $rules) {
                return $locked;
            }
            if ($locked->version !== $version) {
                throw Conflict::staleRules($locked);
            }
            $locked->update(['rules' => $rules, 'version' => $locked->version + 1]);

            return $locked;
        });
        $this->read = null;

        return $row;
    }

    /** The shop's own chips that were moved. */
    public function chipRecord(): Rate
    {
        return Rate::of(ChipTry::query()->where('works', true)->count(), ChipTry::query()->count());
    }

    /** Glass-only tries, on customers' phones and practice panels. */
    public function glassRecord(): Rate
    {
        return Rate::of(GlassTry::query()->where('whole', true)->count(), GlassTry::query()->count());
    }
}
