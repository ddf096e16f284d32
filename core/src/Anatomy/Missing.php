<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Document\Reason;

/** What of a phone file nobody has measured or seen yet, most useful first, with what it would change in a plan. */
final readonly class Missing
{
    /** mm by which a screw has to be longer to come through */
    private const THROUGH = 0.1;

    /** @param string $at the element or section that it is about, as the check of a file names it */
    private function __construct(public Reason $reason, public string $at) {}

    /** @return list<self> empty for a phone that was drawn */
    public static function of(Phone $phone): array
    {
        $section = static fn(FileSection $s, string $code): array
            => $phone->footing->ofSection($s) === Rests::Assumed ? [new self(new Reason($code), $s->value)] : [];
        [$dangerous, $other] = self::holes($phone);

        return [
            ...$dangerous,
            ...$section(FileSection::FlexZones, 'missing-flex-zones'),
            ...$section(FileSection::Stacks, 'missing-stacks'),
            ...self::unseen($phone),
            ...$section(FileSection::Ledge, 'missing-ledge'),
            ...$section(FileSection::Panel, 'missing-panel'),
            ...$section(FileSection::Openings, 'missing-openings'),
            ...$other,
        ];
    }

    /** @return array{list<self>, list<self>} holes that a longer screw of the phone would come through, and others */
    private static function holes(Phone $phone): array
    {
        $dangerous = $other = [];
        foreach (array_values($phone->fasteners) as $i => $group) {
            if ($phone->footing->of($group->id) === Rests::Measured) {
                continue;
            }
            $longer = self::longer($phone, $group);
            if ($longer !== null) {
                $dangerous[] = new self(new Reason('missing-hole-long', [
                    'name' => $group->name,
                    'longer' => $longer->name,
                    'length' => $longer->length,
                ]), "fasteners[$i]");
            } else {
                $other[] = new self(new Reason('missing-hole', ['name' => $group->name]), "fasteners[$i]");
            }
        }

        return [$dangerous, $other];
    }

    /** The longest screws that fit the same driver and would be in this hole by mistake. */
    private static function longer(Phone $phone, Fastener $group): ?Fastener
    {
        $longest = null;
        foreach ($phone->fasteners as $one) {
            $fits = $one->id !== $group->id && $one->driver === $group->driver
                && $one->length > $group->length + self::THROUGH;
            $longest = $fits && $one->length > ($longest->length ?? 0.0) ? $one : $longest;
        }

        return $longest;
    }

    /** @return list<self> one for all of them, none if everything was seen */
    private static function unseen(Phone $phone): array
    {
        $names = $at = [];
        $groups = [
            'connectors' => $phone->connectors,
            'fasteners' => $phone->fasteners,
            'bonds' => $phone->bonds,
            'parts' => $phone->parts,
        ];
        foreach ($groups as $group => $elements) {
            foreach (array_values($elements) as $i => $element) {
                if ($phone->footing->of($element->id) === Rests::Assumed) {
                    $names[] = $element->name;
                    $at[] = "{$group}[$i]";
                }
            }
        }

        return $names === []
            ? []
            : [new self(new Reason('missing-seen', [
                'count' => \count($names),
                'names' => implode(', ', $names),
            ]), $at[0])];
    }
}
