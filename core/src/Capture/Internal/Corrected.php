<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Rests;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;

/**
 * What the file has and was seen otherwise, put right in it.
 *
 * @internal
 */
final readonly class Corrected
{
    /** mm that a hole is deeper than the screw in it */
    private const DEEPER = 0.4;

    public function __construct(private Table $table) {}

    public function take(Captured $one): void
    {
        match ($one->kind) {
            CaptureKind::ScrewsCounted => $this->counted($one),
            CaptureKind::LikeThis => $this->likeThis($one),
            CaptureKind::LiesOver => $this->liesOver($one),
            CaptureKind::BatteryPlug => $this->batteryPlug($one),
            default => $this->table->drop($one->of),
        };
    }

    private function counted(Captured $one): void
    {
        $row = $this->table->find($one->of, 'fasteners');
        if ($row === null || $one->like->count < 1) {
            return;
        }
        $known = [];
        foreach ((array) ($row['places'] ?? []) as $place) {
            if (\is_array($place) && is_numeric($place['x'] ?? null) && is_numeric($place['y'] ?? null)) {
                $known[] = [(float) $place['x'], (float) $place['y']];
            }
        }
        $more = self::measured($one);
        $more['places'] = ScrewPlaces::on($this->table->body())->of(
            $one->places === [] ? $known : $one->places,
            $one->like->count,
            $known[0] ?? [10.0, 10.0],
        );
        $rests = $one->like->length === null ? Rests::Seen : Rests::Measured;
        $this->table->put('fasteners', $one->of, array_replace($row, $more), $rests);
    }

    /** @return array<string, mixed> */
    private static function measured(Captured $one): array
    {
        $length = $one->like->length;

        return [
            ...$length === null ? [] : ['length' => $length, 'holeDepth' => round($length + self::DEEPER, 2)],
            ...$one->like->driver === null ? [] : ['driver' => $one->like->driver->value],
        ];
    }

    /** Only what was said changes; what the element cannot have is passed over. */
    private function likeThis(Captured $one): void
    {
        $group = $this->table->groupOf($one->of);
        $row = $group === null ? null : $this->table->find($one->of, $group);
        if ($group === null || $row === null) {
            return;
        }
        $more = match ($group) {
            'fasteners' => self::measured($one),
            'bonds' => $one->like->adhesive === null ? [] : self::bond($row, $one->like->adhesive),
            'connectors' => self::said('kind', $one->like->plug)
                + self::said('clip', $one->like->clip)
                + self::at($one),
            default => self::said('kind', $one->like->part)
                + ($one->like->pairing === Pairing::None ? ['pairing' => null] : self::said(
                    'pairing',
                    $one->like->pairing,
                ))
                + self::at($one),
        };
        $more += $one->name === '' ? [] : ['name' => $one->name];
        $row = array_filter(array_replace($row, $more), static fn(mixed $v): bool => $v !== null);
        $this->table->put($group, $one->of, $row, Rests::Seen);
    }

    /**
     * A bond whose edge is cut keeps how it is heated and cut, unless it turns out to be one that needs neither; any
     * other gets the usual figures of its adhesive.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function bond(array $row, AdhesiveKind $adhesive): array
    {
        $coldly = \in_array($adhesive, [AdhesiveKind::Clips, AdhesiveKind::Silicone, AdhesiveKind::PullTab], true);
        $heated = ['cut' => null, 'stack' => null, 'batteryStack' => null, 'zones' => null, 'clampMinutes' => null];

        return ['adhesive' => $adhesive->value]
            + ($coldly ? $heated : [])
            + (isset($row['cut']) && !$coldly ? [] : UsualBond::of($adhesive));
    }

    /** @return array<string, mixed> */
    private static function said(string $member, \BackedEnum|bool|null $value): array
    {
        return $value === null ? [] : [$member => $value instanceof \BackedEnum ? $value->value : $value];
    }

    /** @return array<string, mixed> */
    private static function at(Captured $one): array
    {
        return $one->places === [] ? [] : ['x' => $one->places[0][0], 'y' => $one->places[0][1]];
    }

    private function liesOver(Captured $one): void
    {
        if ($this->table->find($one->of, 'parts') === null) {
            return;
        }
        $instead = (new Inside($this->table))->known($one->after);
        foreach ($this->table->ids() as $id) {
            $lies = \in_array($id, $one->under, true) && $id !== $one->of;
            $lies
                ? $this->table->waitsFor($id, $one->of)
                : $this->table->waitsNoLongerFor($id, $one->of, self::without($instead, $id, $one->of));
        }
        $this->table->rests($one->of, Rests::Seen);
    }

    /**
     * @param list<string>|null $ids
     *
     * @return list<string>|null
     */
    private static function without(?array $ids, string ...$these): ?array
    {
        return $ids === null ? null : array_values(array_diff($ids, $these));
    }

    /** If it is another than the one that is drawn, the two have changed places. */
    private function batteryPlug(Captured $one): void
    {
        $power = (new Inside($this->table))->power();
        if ($power === null || $this->table->find($one->of, 'connectors') === null) {
            return;
        }
        if ($power !== $one->of) {
            $this->table->changePlaces($power, $one->of);
        }
        $this->table->rests($power, Rests::Seen);
    }
}
