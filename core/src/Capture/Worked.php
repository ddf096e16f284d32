<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Element;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Repair;
use Facelift\Anatomy\Rests;
use Facelift\Capture\Internal\Table;
use Facelift\Document\Unreadable;
use Facelift\Geometry\Point;

/**
 * What a repair has shown of a phone file: whatever came off was there, and nothing inside lies open.
 */
final readonly class Worked
{
    /** Of so many repairs it is kept what they took; older ones are let go. */
    private const REPAIRS = 20;

    /**
     * @param array<string, mixed> $document the phone file that was worked from
     * @param list<string>         $handled  ids of elements that really came off, out or apart, in that order
     * @param Repair|null          $repair   what it took and how it ended; null if nothing of it is kept
     *
     * @return array<string, mixed> the same, with them seen; screws that were handled are as many as are drawn
     */
    public static function on(array $document, array $handled, ?Repair $repair = null): array
    {
        if (!\is_array($document['footing'] ?? null)) {
            return $document;
        }
        $document = $repair === null ? $document : self::with($document, $repair);
        $job = $repair->job ?? '';
        $phone = (new PhoneReader())->read($document);
        $table = new Table($document, $job);
        foreach (self::inSight($phone, $handled) as $id) {
            if ($phone->footing->of($id) === Rests::Assumed) {
                $table->rests($id, Rests::Seen);
            }
        }
        foreach ($handled as $at => $id) {
            if ($phone->footing->of($id) === Rests::Assumed) {
                $table->rests($id, Rests::Seen);
            }
            $table->counted($id);
            $element = self::element($phone, $id);
            $before = \array_slice($handled, 0, $at);
            $seen = new SeenNow($phone, $before);
            foreach ($element === null ? [] : $seen->over($id, self::place($element)) as $over) {
                if (self::liesOpen($phone, $id)) {
                    $table->waitsFor($id, $over);
                }
            }
        }
        $known = $table->document();
        try {
            (new PhoneReader())->read($known);
        } catch (Unreadable) {
            // The drawing of places contradicts what holds what: what was seen stands, the order stays as it was.
            return self::seenOnly(new Table($document, $job), $handled);
        }

        return $known;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function with(array $document, Repair $repair): array
    {
        $footing = \is_array($document['footing'] ?? null) ? $document['footing'] : [];
        $before = array_filter(
            \is_array($footing['repairs'] ?? null) ? $footing['repairs'] : [],
            static fn(mixed $r): bool => !\is_array($r) || ($r['job'] ?? '') !== $repair->job,
        );
        $footing['repairs'] = \array_slice([...array_values($before), $repair->toArray()], -self::REPAIRS);

        return array_replace($document, ['footing' => $footing]);
    }

    /**
     * @param list<string> $handled
     *
     * @return array<string, mixed>
     */
    private static function seenOnly(Table $table, array $handled): array
    {
        foreach ($handled as $id) {
            $table->rests($id, Rests::Seen);
            $table->counted($id);
        }

        return $table->document();
    }

    /**
     * @param list<string> $handled
     *
     * @return list<string> what was before everybody's eyes without being touched: the frame, and what a plug led to
     */
    private static function inSight(Phone $phone, array $handled): array
    {
        $frames = array_map(static fn(Part $p): string => $p->id, $phone->partsOf(PartKind::Frame));
        $sight = $handled === [] ? [] : $frames;
        foreach (array_intersect_key($phone->connectors, array_flip($handled)) as $plug) {
            $sight = [...$sight, ...$plug->joins];
        }

        return array_values(array_unique($sight));
    }

    private static function element(Phone $phone, string $id): ?Element
    {
        return $phone->parts[$id] ?? $phone->fasteners[$id] ?? $phone->connectors[$id] ?? $phone->bonds[$id] ?? null;
    }

    private static function place(Element $element): ?Point
    {
        return match (true) {
            $element instanceof Part => $element->box->centre(),
            $element instanceof Connector => $element->at,
            $element instanceof Fastener => $element->places[0],
            $element instanceof Bond => null,
            default => null,
        };
    }

    /** True if by the file it can be reached with the phone shut, although something was lifted off it. */
    private static function liesOpen(Phone $phone, string $id): bool
    {
        $clauses = Blocks::of($phone)->clauses;
        [$open, $seen] = [[$id], []];
        while ($open !== []) {
            foreach ($clauses[array_pop($open)] as $any) {
                foreach (array_diff($any, $seen) as $first) {
                    $seen[] = $first;
                    $open[] = $first;
                }
            }
        }

        return array_intersect($seen, array_keys($phone->parts + $phone->bonds)) === [];
    }
}
