<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Element;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\Likeness;
use Facelift\Capture\SeenNow;
use Facelift\Capture\Worked;
use Facelift\Geometry\Point;
use Facelift\Route\RoutePlanner;

/**
 * Takes a phone apart by a file that only assumes, and says what is seen otherwise. Of the true phone it looks only at
 * what lies free: that for which everything over it is off by now.
 */
final class ScriptedTechnician
{
    public readonly InputCount $inputs;
    public readonly Counterparts $pairs;
    /** @var list<Captured> */
    public array $said = [];
    /** @var list<string> in the order in which it came off, by the file's ids */
    public array $off = [];
    private ?Phone $file = null;
    private int $read = -1;

    /** @param array<string, mixed> $base */
    public function __construct(
        private readonly Phone $truth,
        private readonly array $base,
        private readonly ReplacementKind $kind,
    ) {
        $this->pairs = new Counterparts($truth);
        $this->inputs = new InputCount();
    }

    public function work(): void
    {
        for ($turn = 0; $turn < 300; ++$turn) {
            if ($this->sawMore()) {
                continue;
            }
            $left = array_values(array_diff($this->route(), $this->off));
            if ($left === []) {
                return;
            }
            $this->inputs->atHand = $left[0];
            if ($this->isAsDrawn($left[0])) {
                $this->off[] = $left[0];
            }
        }
        throw new \LogicException('It does not come to an end: ' . implode(', ', \array_slice($this->off, -5)));
    }

    public function file(): Phone
    {
        if ($this->read !== \count($this->said)) {
            $this->read = \count($this->said);
            $this->file = (new PhoneReader())->read((new Capture($this->base))->of($this->said));
        }

        return $this->file ?? throw new \LogicException('nothing read');
    }

    /** The file that is kept once the phone is closed: what came off was there, in the order in which it did. */
    public function kept(): Phone
    {
        return (new PhoneReader())->read(Worked::on((new Capture($this->base))->of($this->said), $this->off));
    }

    /** @return list<string> what is taken off, by the file */
    public function route(?Phone $by = null): array
    {
        $file = $by ?? $this->file();

        return (new RoutePlanner())->plan($file, $file->replacement($this->kind))->ids();
    }

    /** On the back of the old screen is what the new one has not: it moves over. */
    private function sawMore(): bool
    {
        $replacement = $this->truth->replacement($this->kind);
        $moved = (new RoutePlanner())->plan($this->truth, $replacement)->moved;
        foreach (array_diff($moved, $this->pairs->is) as $id) {
            $part = $this->truth->parts[$id];
            $host = $this->drawn((string) $part->carriedBy);
            if (!\in_array($host, $this->off, true) || $this->hidden($part) !== null) {
                continue;
            }
            $known = $this->pairs->drawnAs($this->file(), $part);
            if ($known !== null) {
                $this->pairs->is[$known->id] = $id;

                continue;
            }
            $at = $part->box->centre();
            $said = $this->say(
                CaptureKind::MorePart,
                $host,
                [],
                [$host],
                [[$at->x, $at->y]],
                new Likeness(
                    part: $part->kind,
                ),
            );
            $this->pairs->is[$said->makes()] = $id;

            return true;
        }

        return false;
    }

    /** True if the next thing to take off is there, free, and as it is drawn; else it is said how it is. */
    private function isAsDrawn(string $id): bool
    {
        $file = $this->file();
        $drawn = Counterparts::element($file, $id);
        if (!isset($this->pairs->is[$id])) {
            $true = $this->pairs->counterpart($file, $drawn);
            if ($true === null) {
                $this->say(CaptureKind::NotThere, of: $id);

                return false;
            }
            $this->pairs->is[$id] = $true->id;
            // A plug of the battery is looked for and pointed at.
            if ($drawn instanceof Connector && $drawn->power) {
                $this->say(CaptureKind::BatteryPlug, of: $id);
            }
        }
        $true = Counterparts::element($this->truth, $this->pairs->is[$id]);

        $cover = $drawn instanceof Fastener ? $drawn->holds[0] : $id;

        return $this->isNeeded($file, $cover) && $this->liesFree($id, $true) && $this->isLike($drawn, $true);
    }

    /** What is over it in truth has to come off first: it is said what that is. */
    private function liesFree(string $id, Element $true): bool
    {
        foreach ($this->holding($true) as $any) {
            if (array_intersect($any, $this->offInTruth()) !== []) {
                continue;
            }
            $over = Counterparts::element($this->truth, $any[0]);
            // What hides it may itself be hidden: the one that can be seen is said first.
            while (($deeper = $this->hidden($over)) !== null) {
                $over = $deeper;
            }
            $this->sayOver($id, $over);

            return false;
        }

        return true;
    }

    private function hidden(Element $element): ?Element
    {
        foreach ($element->after as $any) {
            if (array_intersect($any, $this->offInTruth()) === []) {
                return Counterparts::element($this->truth, $any[0]);
            }
        }

        return null;
    }

    private function sayOver(string $id, Element $over): void
    {
        $file = $this->file();
        $known = array_search($over->id, $this->pairs->is, true);
        if ($known === false) {
            $known = $this->pairs->drawnAs($file, $over)->id ?? false;
        }
        if ($known === false) {
            $this->sayNew($file, $id, $over);

            return;
        }
        $this->pairs->is[$known] = $over->id;
        $part = $over instanceof Part ? $known : Counterparts::heldBy(Counterparts::element($file, $known));
        // What is drawn on it and is not, would stand in the way of it.
        foreach ($file->parts as $on) {
            $isThere = isset($this->pairs->is[$on->id]) || $this->pairs->counterpart($file, $on) !== null;
            if ($on->carriedBy === $part && !$isThere) {
                $this->say(CaptureKind::NotThere, of: $on->id);

                return;
            }
        }
        $this->say(CaptureKind::LiesOver, of: $part, under: [...Counterparts::under($file, $part), $id]);
    }

    private function sayNew(Phone $file, string $id, Element $over): void
    {
        [$kind, $of, $under, $like] = match (true) {
            $over instanceof Fastener => [CaptureKind::MoreScrews, '', [$this->drawn($over->holds[0])], new Likeness(
                $over->count(),
                $over->length,
                $over->driver,
            )],
            $over instanceof Connector => [
                $over->passive ? CaptureKind::MoreLead : CaptureKind::MorePlug,
                $over->passive ? '' : $this->drawn($this->otherEnd($over->joins, $id)),
                [$over->passive ? $id : $this->drawnOfTwo($over->joins, $id)],
                new Likeness(plug: $over->kind, clip: $over->clip ? true : null),
            ],
            $over instanceof Bond => [
                CaptureKind::MoreBond,
                $this->drawn($over->joins[1]),
                [$this->drawnOfTwo($over->joins, $id)],
                new Likeness(adhesive: $over->adhesive),
            ],
            $over instanceof Part && \in_array($over->kind, Counterparts::ALIKE, true)
                => [CaptureKind::MoreCover, '', [$id], new Likeness(part: $over->kind)],
            $over instanceof Part => [CaptureKind::MorePart, '', [$id], new Likeness(part: $over->kind)],
            default => throw new \LogicException($over->id),
        };
        $at = Counterparts::placeOf($over);
        $said = $this->say(
            $kind,
            $of,
            $under,
            (new SeenNow($file, $this->off))->after($under[0], $at),
            $over instanceof Fastener
                ? array_map(static fn(Point $p): array => [$p->x, $p->y], $over->places)
                : ($at === null ? [] : [[$at->x, $at->y]]),
            $like,
        );
        $this->pairs->is[$said->makes()] = $over->id;
    }

    /** A cover that is in nobody's way is left where it is: that is seen when all under it lies free. */
    private function isNeeded(Phone $file, string $id): bool
    {
        $part = $file->parts[$id] ?? null;
        if ($part === null || !\in_array($part->kind, Counterparts::ALIKE, true)) {
            return true;
        }
        $route = $this->route();
        $under = array_intersect(Counterparts::under($file, $id), $route);
        $this->pairs->is[$id] ??= $this->pairs->counterpart($file, $part)->id ?? '';
        if ($this->pairs->is[$id] === '') {
            unset($this->pairs->is[$id]);

            return true;
        }
        $free = fn(string $u): bool => ($true = $this->pairs->is[$u] ?? null) !== null
            && !\in_array([$this->pairs->is[$id]], Counterparts::element($this->truth, $true)->after, true)
            && $this->hidden(Counterparts::element($this->truth, $true)) === null;
        foreach ($under as $u) {
            $this->pairs->is[$u] ??= $this->pairs->counterpart($file, Counterparts::element($file, $u))->id ?? '';
        }
        $this->pairs->is = array_filter($this->pairs->is, static fn(string $t): bool => $t !== '');
        $away = array_filter($under, $free);
        if ($away === []) {
            return true;
        }
        $this->say(
            CaptureKind::LiesOver,
            of: $id,
            under: array_values(array_diff(Counterparts::under($file, $id), $away)),
            after: (new SeenNow($file, $this->off))->last(),
        );

        return false;
    }

    private function isLike(Element $drawn, Element $true): bool
    {
        if ($drawn instanceof Fastener && $true instanceof Fastener) {
            $same = [$drawn->count(), $drawn->length, $drawn->driver] === [
                $true->count(),
                $true->length,
                $true->driver,
            ];
            // Once said, it is as it was said.
            if (!$same) {
                $this->say(
                    CaptureKind::ScrewsCounted,
                    of: $drawn->id,
                    like: new Likeness($true->count(), $true->length, $true->driver),
                );
            }

            return $same;
        }
        if ($drawn instanceof Bond && $true instanceof Bond && $drawn->adhesive !== $true->adhesive) {
            $this->say(CaptureKind::LikeThis, of: $drawn->id, like: new Likeness(adhesive: $true->adhesive));

            return false;
        }

        return true;
    }

    /** @return list<list<string>> what has to be off before it in truth, with what holds it */
    private function holding(Element $true): array
    {
        $clauses = Blocks::of($this->truth)->clauses[$true->id];
        // That the battery's plug comes first is nobody's to see: the plan knows it.
        $power = $this->truth->powerConnector()->id;

        return array_values(array_filter($clauses, static fn(array $any): bool => $any !== [$power]));
    }

    private function drawn(string $true): string
    {
        $known = array_search($true, $this->pairs->is, true);
        if ($known !== false) {
            return $known;
        }
        $known = $this->pairs->drawnAs($this->file(), Counterparts::element($this->truth, $true))?->id;
        $host = $this->truth->parts[$true]->carriedBy ?? null;

        // What nobody can see yet is taken for part of what it sits on.
        return $known ?? ($host === null ? '' : $this->drawn($host));
    }

    /**
     * @param list<string> $joins
     *
     * @return string of the two the one that is being lifted
     */
    private function drawnOfTwo(array $joins, string $lifted): string
    {
        return \in_array($this->pairs->is[$lifted] ?? '', $joins, true) ? $lifted : $this->drawn($joins[0]);
    }

    /** @param list<string> $joins */
    private function otherEnd(array $joins, string $lifted): string
    {
        return ($this->pairs->is[$lifted] ?? '') === $joins[1] ? $joins[0] : $joins[1];
    }

    /** @return list<string> */
    private function offInTruth(): array
    {
        return array_values(array_intersect_key($this->pairs->is, array_flip($this->off)));
    }

    /**
     * @param list<string>              $under
     * @param list<string>|null         $after
     * @param list<array{float, float}> $places
     */
    private function say(
        CaptureKind $kind,
        string $of = '',
        array $under = [],
        ?array $after = null,
        array $places = [],
        Likeness $like = new Likeness(),
    ): Captured {
        $n = \count($this->said) + 1;
        $event = \sprintf('%08x-0000-4000-8000-000000000000', 0xabc00000 + $n);
        $one = new Captured(
            $event,
            $n,
            $kind,
            $of,
            $kind->isNew() ? 'Met ' . $n : '',
            $under,
            $after,
            $places,
            $like,
        );
        $before = $this->file();
        $this->said[] = $one;
        if ($before === $this->file() && $kind !== CaptureKind::BatteryPlug) {
            throw new \LogicException('Nothing came of ' . $kind->value . ' ' . $of . ' ' . implode(', ', $under));
        }
        $this->inputs->add($one, $before, $this->off[\count($this->off) - 1] ?? '');

        return $one;
    }
}
