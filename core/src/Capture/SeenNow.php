<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\Element;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Geometry\Point;

/**
 * What had to be off before something could be seen: of what came off, the last part that lay over its place, without
 * a place the last that shut its face; and whatever came off last.
 */
final readonly class SeenNow
{
    /** @param list<string> $off ids of what has come off, in its order */
    public function __construct(private Phone $phone, private array $off) {}

    /**
     * @param string     $beside id of what it was met at: what it lies over, holds, or belongs to
     * @param Point|null $place  mm, where it was tapped
     *
     * @return list<string> ids of parts or bonds, at most two; none if nothing has come off by then
     */
    public function after(string $beside, ?Point $place): array
    {
        return array_values(array_unique([...$this->over($beside, $place), ...$this->last()]));
    }

    /** @return list<string> id of the part that lay over it; none if none did */
    public function over(string $beside, ?Point $place): array
    {
        $off = array_reverse(array_filter($this->off, fn(string $id): bool => isset($this->phone->parts[$id])));
        $face = $this->element($beside)->face ?? Face::Front;
        foreach ($off as $id) {
            $part = $this->phone->parts[$id];
            $carried = isset($this->phone->parts[$beside]) && $this->phone->movesWith($beside, $id);
            if ($id !== $beside && ($carried || ($part->face === $face && self::liesOver($part, $place)))) {
                return [$id];
            }
        }

        return [];
    }

    /** @return list<string> what came off last, a part or a bond: what lies free now was seen after it */
    public function last(): array
    {
        $isShut = fn(string $id): bool => isset($this->phone->bonds[$id])
            || (isset($this->phone->parts[$id]) && !$this->phone->parts[$id]->kind->comesOutFirst());

        return \array_slice(array_values(array_filter($this->off, $isShut)), -1);
    }

    private function element(string $id): ?Element
    {
        return $this->phone->parts[$id] ?? $this->phone->fasteners[$id] ?? $this->phone->connectors[$id]
            ?? $this->phone->bonds[$id] ?? null;
    }

    private static function liesOver(Part $part, ?Point $place): bool
    {
        $shuts = $part->kind->isCover() || $part->kind === PartKind::Display || $part->kind === PartKind::Digitizer;

        return $place === null ? $shuts : $part->box->holds($place);
    }
}
