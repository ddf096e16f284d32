<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Rests;
use Facelift\Anatomy\Tool;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;

/**
 * What is met that is not in the file, put into it. Figures that nobody measured are those that such things usually
 * have (common practice, no source).
 *
 * @internal
 */
final readonly class Met
{
    /** mm of thread and length */
    private const THREAD = 1.2;
    private const LENGTH = 1.6;
    /** mm that a hole is deeper than the screw in it */
    private const DEEPER = 0.4;
    /** mm of a cover, and of any other part */
    private const COVER = [16.0, 10.0];
    private const PART = [10.0, 8.0];
    /** s to take out a cover, and any other part */
    private const COVER_OUT = 10;
    private const PART_OUT = 20;

    private Inside $inside;

    public function __construct(private Table $table)
    {
        $this->inside = new Inside($table);
    }

    /** Nothing is put in if what it belongs to is not there. */
    public function take(Captured $one): void
    {
        match ($one->kind) {
            CaptureKind::MoreScrews => $this->screws($one),
            CaptureKind::MoreCover => $this->part($one, PartKind::Bracket, self::COVER, self::COVER_OUT),
            CaptureKind::MorePart => $this->part($one, PartKind::Bracket, self::PART, self::PART_OUT),
            CaptureKind::MorePlug => $this->plug($one),
            CaptureKind::MoreLead => $this->lead($one),
            default => $this->bond($one),
        };
    }

    private function screws(Captured $one): void
    {
        $isPart = fn(string $p): bool => $this->table->find($p, 'parts') !== null;
        $holds = array_values(array_filter($one->under, $isPart));
        $held = $holds === [] ? null : $this->table->find($holds[0], 'parts');
        if ($held === null) {
            return;
        }
        $length = $one->like->length ?? self::LENGTH;
        $this->table->put('fasteners', $one->makes(), [
            'name' => $one->name,
            'driver' => ($one->like->driver ?? Driver::CrossPH000)->value,
            'thread' => self::THREAD,
            'length' => $length,
            'holeDepth' => round($length + self::DEEPER, 2),
            'holds' => $holds,
            'face' => $held['face'] ?? 'front',
            'after' => $this->inside->known($one->after) ?? $this->besideScrewsOf($holds[0], $held),
            'places' => ScrewPlaces::on($this->table->body())
                ->of($one->places, $one->like->count, self::middle($held)),
        ], $one->like->length === null ? Rests::Seen : Rests::Measured);
    }

    /**
     * @param array<string, mixed> $held
     *
     * @return list<mixed> what has to be off before other screws of the part, or before the part itself
     */
    private function besideScrewsOf(string $part, array $held): array
    {
        foreach ($this->table->all('fasteners') as $row) {
            if (\in_array($part, (array) ($row['holds'] ?? []), true)) {
                return array_values((array) ($row['after'] ?? []));
            }
        }

        return array_values((array) ($held['after'] ?? []));
    }

    /** @param array{float, float} $size mm */
    private function part(Captured $one, PartKind $usual, array $size, int $seconds): void
    {
        $under = array_values(array_filter($one->under, fn(string $id): bool => $this->table->find($id) !== null));
        $first = $under === [] ? null : $this->table->find($under[0]);
        $onto = $this->table->find($one->of, 'parts') !== null;
        $carrier = $onto ? $one->of : $this->inside->carrierOf($under[0] ?? '');
        $first ??= $onto ? ['face' => $this->inside->innerFaceOf($one->of)] : null;
        $kind = $one->like->part ?? $usual;
        if ($carrier === null || ($first === null && ($one->places === [] || $one->kind === CaptureKind::MoreCover))) {
            return;
        }
        [$x, $y] = $one->places[0] ?? self::middle($first ?? []);
        [$width, $height] = $size;
        $pairing = $one->like->pairing ?? Pairing::None;
        $this->table->put('parts', $one->makes(), [
            'kind' => $kind->value,
            'name' => $one->name,
            'carriedBy' => $carrier,
            'face' => $first['face'] ?? 'front',
            'tool' => Tool::Tweezers->value,
            // A part that lies at the rim is drawn up to it.
            'x' => $this->inside->within('width', $x, $width),
            'y' => $this->inside->within('height', $y, $height),
            'width' => $width,
            'height' => $height,
            'seconds' => $seconds,
            'after' => $this->inside->known($one->after) ?? array_values((array) ($first['after'] ?? [])),
            ...$pairing === Pairing::None ? [] : ['pairing' => $pairing->value],
            ...UsualFunctions::of($kind),
        ], Rests::Seen);
        foreach ($under as $id) {
            $this->table->waitsFor($id, $one->makes());
        }
    }

    private function plug(Captured $one): void
    {
        $part = $one->under[0] ?? '';
        $of = $this->table->find($part, 'parts');
        $to = $this->table->find($one->of, 'parts') === null ? $this->inside->board() : $one->of;
        if ($of === null || $to === null || $to === $part) {
            return;
        }
        [$x, $y] = $one->places[0] ?? self::middle($of);
        $this->table->put('connectors', $one->makes(), [
            'name' => $one->name,
            'kind' => ($one->like->plug ?? ConnectorKind::BoardToBoard)->value,
            'joins' => [$part, $to],
            'face' => $of['face'] ?? 'front',
            'x' => $x,
            'y' => $y,
            'after' => $this->inside->known($one->after) ?? $this->besidePlugs(),
            ...($one->like->clip === true ? ['clip' => true] : []),
        ], Rests::Seen);
    }

    /** @return list<mixed> what has to be off before the plugs that are known */
    private function besidePlugs(): array
    {
        foreach ($this->table->all('connectors') as $row) {
            if (($row['power'] ?? false) !== true) {
                return array_values((array) ($row['after'] ?? []));
            }
        }

        return [];
    }

    /** It is pulled off its plug before what it lies over is lifted; it may come first over the way to the battery. */
    private function lead(Captured $one): void
    {
        $under = array_values(array_filter($one->under, fn(string $id): bool => $this->table->find($id) !== null));
        $first = $under === [] ? null : $this->table->find($under[0]);
        $board = $this->inside->board();
        $from = $this->table->find($one->of, 'parts') === null ? $this->inside->idOfKind(PartKind::Frame) : $one->of;
        if ($first === null || $board === null || $from === null || $from === $board) {
            return;
        }
        [$x, $y] = $one->places[0] ?? self::middle($first);
        $this->table->put('connectors', $one->makes(), [
            'name' => $one->name,
            'kind' => ConnectorKind::Coax->value,
            'joins' => [$from, $board],
            'face' => $first['face'] ?? 'front',
            'x' => $x,
            'y' => $y,
            'after' => $this->inside->known($one->after) ?? array_values((array) ($first['after'] ?? [])),
            ...($this->inside->leadsToBattery($under) ? ['passive' => true] : []),
        ], Rests::Seen);
        foreach ($under as $id) {
            $this->table->waitsFor($id, $one->makes());
        }
    }

    private function bond(Captured $one): void
    {
        $part = $one->under[0] ?? '';
        $held = $this->table->find($part, 'parts');
        $to = $this->table->find($one->of, 'parts') === null ? $held['carriedBy'] ?? null : $one->of;
        if ($held === null || !\is_string($to) || $to === $part) {
            return;
        }
        $adhesive = $one->like->adhesive ?? AdhesiveKind::FlexGlue;
        $this->table->put('bonds', $one->makes(), [
            'name' => $one->name,
            'joins' => [$part, $to],
            'adhesive' => $adhesive->value,
            'face' => $held['face'] ?? 'front',
            'after' => $this->inside->known($one->after) ?? array_values((array) ($held['after'] ?? [])),
        ] + UsualBond::of($adhesive), Rests::Seen);
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array{float, float}
     */
    private static function middle(array $row): array
    {
        $at = static fn(string $k): float => is_numeric($row[$k] ?? null) ? (float) $row[$k] : 10.0;

        return [$at('x'), $at('y')];
    }
}
