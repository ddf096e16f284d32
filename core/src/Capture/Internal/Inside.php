<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\PartKind;

/**
 * What lies where in a phone of which more is said, and what leads to what.
 *
 * @internal
 */
final readonly class Inside
{
    public function __construct(private Table $table) {}

    public function idOfKind(PartKind $kind): ?string
    {
        foreach ($this->table->all('parts') as $id => $row) {
            if (($row['kind'] ?? '') === $kind->value) {
                return $id;
            }
        }

        return null;
    }

    /** What plugs lead to. */
    public function board(): ?string
    {
        return $this->idOfKind(PartKind::MainBoard) ?? $this->idOfKind(PartKind::Boards);
    }

    /** What an element sits in: its own carrier, that of a board its plug leads to, else the frame. */
    public function carrierOf(string $id): ?string
    {
        $joins = $this->table->find($id, 'connectors')['joins'] ?? [];
        foreach ([$id, ...array_reverse(\is_array($joins) ? $joins : [])] as $part) {
            $carrier = \is_string($part) ? $this->table->find($part, 'parts')['carriedBy'] ?? null : null;
            if (\is_string($carrier)) {
                return $carrier;
            }
        }

        return $this->idOfKind(PartKind::Frame);
    }

    /** Where what sits on a part lies: on the back of a screen, else on the part's own face. */
    public function innerFaceOf(string $part): string
    {
        $row = $this->table->find($part, 'parts');
        $screen = \in_array($row['kind'] ?? '', [PartKind::Display->value, PartKind::Digitizer->value], true);
        $face = $row['face'] ?? null;

        return $screen || !\is_string($face) ? Face::Back->value : $face;
    }

    /** The battery's own plug. */
    public function power(): ?string
    {
        foreach ($this->table->all('connectors') as $id => $row) {
            if (($row['power'] ?? false) === true) {
                return $id;
            }
        }

        return null;
    }

    /**
     * True if the battery's plug is among the elements, or waits for one of them.
     *
     * @param list<string> $ids
     */
    public function leadsToBattery(array $ids): bool
    {
        $power = $this->power();
        [$open, $seen] = [$power === null ? [] : [$power], []];
        while ($open !== []) {
            $id = array_pop($open);
            if (\in_array($id, $ids, true)) {
                return true;
            }
            $seen[] = $id;
            $after = $this->table->find($id)['after'] ?? [];
            $after = \is_array($after) ? array_merge(...array_map(self::any(...), array_values($after))) : [];
            $open = [...$open, ...array_diff($after, $seen, $open)];
        }

        return false;
    }

    /**
     * @param list<string>|null $ids
     *
     * @return list<string>|null those that are in the file; null if nobody said
     */
    public function known(?array $ids): ?array
    {
        $isThere = fn(string $id): bool => $this->table->find($id) !== null;

        return $ids === null ? null : array_values(array_filter($ids, $isThere));
    }

    /** mm: the middle of something of a size, moved to where it lies on the phone whole. */
    public function within(string $along, float $middle, float $size): float
    {
        $long = $this->table->body()[$along] ?? null;
        $most = (is_numeric($long) ? (float) $long : 60.0) - $size / 2;

        return round(max($size / 2, min($most, $middle)), 2);
    }

    /** @return list<string> */
    private static function any(mixed $clause): array
    {
        $all = \is_array($clause) ? array_values($clause) : [$clause];

        return array_values(array_filter($all, is_string(...)));
    }
}
