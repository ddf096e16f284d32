<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What a phone file rests on: everything of one that was drawn from the phone, little of a provisional one. */
final readonly class Footing
{
    /**
     * @param array<string, Rests>      $elements by id; what is not named was drawn from the phone
     * @param array<string, Rests>      $sections by `FileSection`; the same
     * @param array<string, ScrewRange> $screws   by group, as long as nobody has counted them
     * @param array<string, string>     $jobs     tag of the job in which an element was seen or measured last, by id
     * @param list<Repair>              $repairs  by which it became what it is, oldest first
     */
    public function __construct(
        public array $elements = [],
        public array $sections = [],
        public array $screws = [],
        public array $jobs = [],
        public array $repairs = [],
    ) {}

    /** Of an element: a part, connector, bond or group of screws. */
    public function of(string $id): Rests
    {
        return $this->elements[$id] ?? Rests::Measured;
    }

    public function ofSection(FileSection $section): Rests
    {
        return $this->sections[$section->value] ?? Rests::Measured;
    }

    /** True as long as anything is assumed that the way in, the screws or the parts hang on. */
    public function isProvisional(): bool
    {
        return \in_array(Rests::Assumed, $this->elements, true);
    }

    /** @return list<string> ids of elements that nobody has seen */
    public function assumed(): array
    {
        return array_keys(array_filter($this->elements, static fn(Rests $r): bool => $r === Rests::Assumed));
    }

    /** How many screws a group has: as many as are drawn, unless nobody has counted them. */
    public function screwsOf(Fastener $group): ScrewRange
    {
        $range = $this->of($group->id) === Rests::Assumed ? $this->screws[$group->id] ?? null : null;

        return $range ?? new ScrewRange($group->count(), $group->count());
    }
}
