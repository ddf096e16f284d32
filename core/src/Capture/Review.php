<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\Element;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\FileSection;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Rests;
use Facelift\Document\Reason;

/** What a repair has made of a phone file: what is seen now, what contradicts what was seen before, what is assumed. */
final readonly class Review
{
    /**
     * @param list<Element> $seen        assumed before, seen or measured now
     * @param list<Element> $met         nobody had assumed them
     * @param list<Element> $gone        assumed before, and not there
     * @param list<Reason>  $contradicts what an earlier job saw otherwise: maybe a variant of the model
     * @param list<Element> $assumed     nobody has seen them yet
     * @param list<Fastener> $unmeasured screws that were seen and not measured: the depth of their holes is a guess
     * @param list<FileSection> $sections of which figures are assumed
     */
    private function __construct(
        public array $seen,
        public array $met,
        public array $gone,
        public array $contradicts,
        public array $assumed,
        public array $unmeasured,
        public array $sections,
    ) {}

    /**
     * @param Phone $before as the job was opened with
     * @param Phone $after  as the repair has shown it
     */
    public static function of(Phone $before, Phone $after): self
    {
        [$old, $new] = [self::elements($before), self::elements($after)];
        $isAssumed = static fn(Phone $phone, string $id): bool => $phone->footing->of($id) === Rests::Assumed;
        $both = array_intersect_key($new, $old);

        return new self(
            array_values(array_filter(
                $both,
                static fn(Element $e): bool => $isAssumed($before, $e->id) && !$isAssumed($after, $e->id),
            )),
            array_values(array_diff_key($new, $old)),
            array_values(array_diff_key($old, $new)),
            self::contradictions($before, $after),
            array_values(array_filter($new, static fn(Element $e): bool => $isAssumed($after, $e->id))),
            array_values(array_filter(
                $after->fasteners,
                static fn(Fastener $f): bool => $after->footing->of($f->id) === Rests::Seen,
            )),
            array_values(array_filter(
                FileSection::cases(),
                static fn(FileSection $s): bool => $after->footing->ofSection($s) === Rests::Assumed,
            )),
        );
    }

    /** True if nothing that an earlier job saw is put in question: the next job may open with it at once. */
    public function agrees(): bool
    {
        return $this->contradicts === [];
    }

    /** @return list<Reason> */
    private static function contradictions(Phone $before, Phone $after): array
    {
        $found = [];
        $known = array_filter(
            self::elements($before),
            static fn(Element $e): bool => $before->footing->of($e->id) !== Rests::Assumed,
        );
        $isGrown = $before->footing->repairs !== [];
        foreach ($known as $id => $was) {
            $is = self::elements($after)[$id] ?? null;
            $found[] = $is === null
                ? new Reason('seen-and-not-there', ['name' => $was->name, 'job' => $before->footing->jobs[$id] ?? ''])
                : self::otherScrews($before, $was, $is);
        }
        // What was met where an earlier repair had been through is as much of a question as what is missing.
        foreach ($isGrown ? array_diff_key(self::elements($after), self::elements($before)) : [] as $id => $more) {
            $found[] = new Reason('met-only-now', ['name' => $more->name]);
        }

        return array_values(array_filter($found, static fn(?Reason $r): bool => $r !== null));
    }

    private static function otherScrews(Phone $before, Element $was, Element $is): ?Reason
    {
        if (!$was instanceof Fastener || !$is instanceof Fastener) {
            return null;
        }
        $same = $was->count() === $is->count() && $was->driver === $is->driver
            && abs($was->length - $is->length) < 0.05;

        return $same ? null : new Reason('seen-otherwise', [
            'name' => $was->name,
            'job' => $before->footing->jobs[$was->id] ?? '',
            'count' => $was->count(),
            'driver' => $was->driver->value,
            'length' => $was->length,
            'nowCount' => $is->count(),
            'nowDriver' => $is->driver->value,
            'nowLength' => $is->length,
        ]);
    }

    /** @return array<string, Element> */
    private static function elements(Phone $phone): array
    {
        return $phone->parts + $phone->fasteners + $phone->connectors + $phone->bonds;
    }
}
