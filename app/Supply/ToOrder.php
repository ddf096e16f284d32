<?php

declare(strict_types=1);

namespace App\Supply;

use App\Models\ReorderLevel;
use App\Models\Stocked;
use App\Models\SupplierPrice;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Unreadable;
use Facelift\Supply\Demand;
use Facelift\Supply\SupplyKind;
use Illuminate\Database\Eloquent\Collection;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What to order for the shelf, from the use of the last weeks and the levels that the shop has set. */
final readonly class ToOrder
{
    public function __construct(private PhoneLibrary $library, private Stock $stock) {}

    /** @return list<OrderLine> what is to be ordered first, then what there is most use of */
    public function __invoke(): array
    {
        $used = new Used();
        $levels = ReorderLevel::query()->get();
        $lines = [
            ...$this->parts($used, $levels),
            ...$this->tape($used, $levels),
            ...$this->supplies($used, $levels),
        ];
        usort($lines, static fn(OrderLine $a, OrderLine $b): int => [$b->order() > 0.0, $b->demand->perWeek(), $a->name]
            <=> [$a->order() > 0.0, $a->demand->perWeek(), $b->name]);

        return $lines;
    }

    /**
     * @param Collection<int, ReorderLevel> $levels
     *
     * @return list<OrderLine>
     */
    private function parts(Used $used, Collection $levels): array
    {
        $jobs = $used->parts();
        foreach ($levels->where('of', Stocked::Part) as $level) {
            $jobs[$level->phone][$level->part] ??= 0;
        }
        $phones = $this->phones(array_keys($jobs));
        $free = $this->stock->parts($phones);
        $offered = $this->offered($phones);
        $lines = [];
        foreach (array_intersect_key($jobs, $phones) as $id => $kinds) {
            foreach ($kinds as $kind => $count) {
                $level = $levels->where('of', Stocked::Part)->where('phone', $id)->firstWhere('part', $kind);
                $days = array_map(
                    static fn(string|int $code): ?int => $offered[$code][$kind] ?? null,
                    array_keys($phones[$id]->identity->codes),
                );
                $days = array_filter($days, is_int(...));
                $lines[] = new OrderLine(
                    Stocked::Part,
                    $id,
                    $phones[$id]->identity->name(),
                    ReplacementKind::from($kind),
                    null,
                    (float) ($free[$id][$kind] ?? 0),
                    Demand::pieces($count, $used->weeks),
                    self::level($level),
                    Lead::of($level?->lead_days, $days === [] ? null : min($days)),
                    $level->version ?? 0,
                );
            }
        }

        return $lines;
    }

    /**
     * @param Collection<int, ReorderLevel> $levels
     *
     * @return list<OrderLine>
     */
    private function tape(Used $used, Collection $levels): array
    {
        $demand = $used->tape();
        $have = $this->stock->tape();
        $set = $levels->where('of', Stocked::Tape)->keyBy('width');
        $widths = array_map(strval(...), array_keys($demand + $have + $set->all()));

        return array_map(
            static fn(string $width): OrderLine => self::loose(
                Stocked::Tape,
                (float) $width,
                $have[$width] ?? 0.0,
                $demand[$width] ?? new Demand([], $used->weeks),
                $set->get($width),
            ),
            $widths,
        );
    }

    /**
     * @param Collection<int, ReorderLevel> $levels
     *
     * @return list<OrderLine>
     */
    private function supplies(Used $used, Collection $levels): array
    {
        $demand = $used->supplies();
        $have = $this->stock->supplies();

        return array_map(
            static fn(SupplyKind $kind): OrderLine => self::loose(
                Stocked::ofSupply($kind),
                null,
                $have[$kind->value] ?? 0.0,
                $demand[$kind->value] ?? new Demand([], $used->weeks),
                $levels->firstWhere('of', Stocked::ofSupply($kind)),
            ),
            SupplyKind::cases(),
        );
    }

    /** What is of no phone. */
    private static function loose(
        Stocked $of,
        ?float $width,
        float $have,
        Demand $demand,
        ?ReorderLevel $level,
    ): OrderLine {
        return new OrderLine(
            $of,
            '',
            '',
            null,
            $width,
            $have,
            $demand,
            self::level($level),
            Lead::of($level?->lead_days, null),
            $level->version ?? 0,
        );
    }

    private static function level(?ReorderLevel $row): ?float
    {
        return $row?->level === null ? null : (float) $row->level;
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, Phone> those that can be read: one that cannot must not take the list with it
     */
    private function phones(array $ids): array
    {
        $phones = [];
        foreach ($ids as $id) {
            try {
                $phones[$id] = $this->library->phone($id);
            } catch (Unreadable|NotFoundHttpException) {
                continue;
            }
        }

        return $phones;
    }

    /**
     * @param array<string, Phone> $phones
     *
     * @return array<string, array<string, int>> the shortest way that the supplier named, days by code and kind
     */
    private function offered(array $phones): array
    {
        $codes = array_merge(...array_values(array_map(
            static fn(Phone $p): array => array_map(strval(...), array_keys($p->identity->codes)),
            $phones,
        )));
        $days = [];
        foreach (SupplierPrice::query()->whereIn('code', $codes)->get() as $price) {
            $leads = array_map(static fn(array $o): int => $o['leadDays'], $price->offers ?? []);
            if ($leads !== []) {
                $days[$price->code][$price->kind] = min($leads);
            }
        }

        return $days;
    }
}
