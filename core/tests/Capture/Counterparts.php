<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Element;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Geometry\Point;

/** What of a drawing means what of the phone: of its kind, for the same thing, the nearest. */
final class Counterparts
{
    /** mm, beyond which nobody takes one thing for another */
    private const NEAR = 60.0;
    /** What lies over something is told by its place, not by its name. */
    public const ALIKE = [PartKind::Bracket, PartKind::Cover, PartKind::SensorHolder];

    /** @var array<string, string> element of the file => of the true phone */
    public array $is = [];

    public function __construct(private readonly Phone $truth) {}

    /** What of the true phone the drawing means: of its kind, for the same thing, the nearest. */
    public function counterpart(Phone $file, Element $drawn): ?Element
    {
        $left = array_filter(
            self::all($this->truth),
            fn(Element $e): bool => !\in_array($e->id, $this->is, true) && $this->isMeant($file, $drawn, $e),
        );

        return $this->nearest($drawn, $left);
    }

    /** Where the drawing has something of the true phone that nobody has pointed at yet. */
    public function drawnAs(Phone $file, Element $true): ?Element
    {
        $left = array_filter(
            self::all($file),
            fn(Element $e): bool => !isset($this->is[$e->id]) && $this->isMeant($file, $e, $true),
        );

        return $this->nearest($true, $left);
    }

    private function isMeant(Phone $file, Element $drawn, Element $true): bool
    {
        return match (true) {
            $drawn instanceof Part && $true instanceof Part => ($drawn->kind === $true->kind
                || (\in_array($drawn->kind, self::ALIKE, true) && \in_array($true->kind, self::ALIKE, true)))
                && $drawn->face === $true->face && $this->sitsAlike($drawn, $true),
            $drawn instanceof Fastener && $true instanceof Fastener => $this->meets($file, $drawn->holds, $true->holds),
            $drawn instanceof Connector && $true instanceof Connector => $drawn->power === $true->power
                && ($drawn->power || $this->meets($file, $drawn->joins, $true->joins, true)),
            $drawn instanceof Bond && $true instanceof Bond
                => $this->meets($file, [$drawn->joins[0]], [$true->joins[0]])
                && $this->meets($file, [$drawn->joins[1]], [$true->joins[1]]),
            default => false,
        };
    }

    private function sitsAlike(Part $drawn, Part $true): bool
    {
        $host = $this->is[$drawn->carriedBy ?? ''] ?? null;

        return $host === null || $host === $true->carriedBy;
    }

    /**
     * @param list<string> $drawn
     * @param list<string> $true
     */
    private function meets(Phone $file, array $drawn, array $true, bool $plug = false): bool
    {
        $boards = [PartKind::MainBoard, PartKind::Boards, PartKind::ChargingBoard];
        foreach ($drawn as $d) {
            foreach ($true as $t) {
                $same = isset($this->is[$d]) ? $this->is[$d] === $t : !\in_array($t, $this->is, true)
                    && $this->counterpart($file, $file->parts[$d])?->id === $t;
                if ($same && !($plug && \in_array($this->truth->parts[$t]->kind, $boards, true))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param array<Element> $among */
    private function nearest(Element $to, array $among): ?Element
    {
        $best = null;
        $least = self::NEAR;
        foreach ($among as $one) {
            $far = self::far($to, $one);
            if ($far < $least) {
                [$best, $least] = [$one, $far];
            }
        }

        return $best;
    }

    private static function far(Element $a, Element $b): float
    {
        if ($a instanceof Fastener && $b instanceof Fastener) {
            return ($a->driver === $b->driver ? 0.0 : 20.0) + 5 * abs($a->length - $b->length)
                + abs($a->count() - $b->count());
        }
        [$p, $q] = [self::placeOf($a), self::placeOf($b)];
        $size = $a instanceof Part && $b instanceof Part
            ? abs($a->box->width - $b->box->width) + abs($a->box->height - $b->box->height)
            : 0.0;

        return $p === null || $q === null ? 0.0 : $p->distanceTo($q) + $size;
    }

    public static function placeOf(Element $e): ?Point
    {
        return match (true) {
            $e instanceof Part => $e->box->centre(),
            $e instanceof Connector => $e->at,
            $e instanceof Fastener => $e->places[0],
            default => null,
        };
    }

    public static function element(Phone $phone, string $id): Element
    {
        return self::all($phone)[$id] ?? throw new \LogicException($id);
    }

    /** @return array<string, Element> */
    public static function all(Phone $phone): array
    {
        return $phone->parts + $phone->fasteners + $phone->connectors + $phone->bonds;
    }

    /** @return list<string> what lies under a part by the file */
    public static function under(Phone $file, string $part): array
    {
        $under = [];
        foreach (self::all($file) as $id => $e) {
            if (\in_array([$part], $e->after, true)) {
                $under[] = $id;
            }
        }

        return $under;
    }

    /** @return string the part that a screw, a bond or a plug keeps from coming off */
    public static function heldBy(Element $e): string
    {
        return match (true) {
            $e instanceof Fastener => $e->holds[0],
            $e instanceof Bond, $e instanceof Connector => $e->joins[0],
            default => $e->id,
        };
    }
}
