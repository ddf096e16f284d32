<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\PartState;
use App\Models\ShelfItem;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;

/** Of every phone that is shipped there is a part on the shelf of each kind; suppliers and prices are invented. */
final readonly class DemoStock
{
    private const SUPPLIERS = ['Norvend Panels', 'Oskarrin Screen Trade', 'Hallebruk Glass'];
    private const COST = [
        'glass-only' => 900, 'digitizer-only' => 2400, 'display-assembly' => 5800,
        'display-with-small-parts' => 6900, 'display-with-frame' => 7600,
    ];

    public function __construct(private PhoneLibrary $phones) {}

    /** Of every phone one of each kind is there that no job has. */
    public function fill(): void
    {
        foreach ($this->phones->all() as $phone) {
            foreach ($phone->replacements as $replacement) {
                $this->free($phone->identity->id, $replacement->kind);
            }
        }
    }

    /**
     * The first part of a kind for a phone that no job has, or one that is put there.
     *
     * @return string its label
     */
    public function free(string $phone, ReplacementKind $kind): string
    {
        $file = $this->phones->phone($phone);
        $codes = self::codes($file);
        $there = ShelfItem::query()
            ->where('kind', $kind)
            ->whereNull('job_id')
            ->whereIn('state', PartState::ON_SHELF)
            ->whereIn('id', ShelfItem::idsSoldFor($codes))
            ->orderBy('label')
            ->first();
        if ($there !== null) {
            return $there->label;
        }

        return $this->own($phone, $kind);
    }

    /**
     * One more, so that a job of the demo takes no part from another.
     *
     * @return string its label
     */
    public function own(string $phone, ReplacementKind $kind): string
    {
        $file = $this->phones->phone($phone);
        $next = 501 + ShelfItem::query()->where('label', 'like', 'S-5%')->count();

        $item = self::item($file, $file->replacement($kind), self::codes($file), $next);

        return ShelfItem::query()->create($item)->label;
    }

    /**
     * Codes with the same display connector.
     *
     * @return list<string>
     */
    private static function codes(Phone $phone): array
    {
        $all = array_keys($phone->identity->codes);
        $first = $phone->displayConnector((string) $all[0]);

        return array_values(array_map(
            strval(...),
            array_filter($all, static fn(string $c): bool => $phone->displayConnector($c) === $first),
        ));
    }

    /**
     * @param list<string> $codes
     *
     * @return array<string, mixed>
     */
    private static function item(Phone $phone, Replacement $replacement, array $codes, int $label): array
    {
        $noise = crc32($phone->identity->id . $replacement->id);
        $cents = self::COST[$replacement->kind->value] + $noise % 900;
        $glass = $replacement->kind === ReplacementKind::GlassOnly;

        return [
            'label' => "S-$label",
            'name' => $phone->identity->model . ', ' . lcfirst($replacement->name),
            'kind' => $replacement->kind->value,
            'model_codes' => $codes,
            'connector' => $glass ? null : $phone->displayConnector($codes[0]),
            'technology' => $glass ? null : $phone->panel->technology->value,
            'colour' => $replacement->kind === ReplacementKind::DisplayWithFrame ? $phone->identity->colours[0] : null,
            'refresh' => $glass ? null : $phone->panel->refresh,
            'brings' => $replacement->brings,
            'cost' => sprintf('%d.%02d', intdiv($cents, 100), $cents % 100),
            'sheet' => null,
            'supplier' => self::SUPPLIERS[$noise % 3],
            'batch' => sprintf('HB-%d', 2600 + $noise % 90),
            'place' => sprintf('%s%d', ['B', 'C', 'D'][$noise % 3], 1 + $noise % 6),
            'state' => PartState::New,
        ];
    }
}
