<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Document\Reason;

/** What is not wrong in a phone file but makes one ask whether it is finished. */
final readonly class PhoneHints
{
    /** @return list<Reason> */
    public function of(Phone $phone): array
    {
        $hints = [];
        foreach ($phone->parts as $part) {
            $hints = [...$hints, ...$this->part($phone, $part)];
        }
        foreach ([PhoneFunction::Image, PhoneFunction::Touch] as $needed) {
            if (!$phone->has($needed)) {
                $hints[] = new Reason('hint-nobody-serves', ['functions' => $needed->value]);
            }
        }
        $roots = array_filter($phone->parts, static fn(Part $p): bool => $p->carriedBy === null);
        if (\count($roots) !== 1) {
            $hints[] = new Reason('hint-one-carries-all', [
                'names' => implode(', ', array_map(static fn(Part $p): string => $p->name, $roots)),
            ]);
        }
        foreach ($phone->replacements as $replacement) {
            if (
                !$phone->panel->canBeTried($replacement->flexLength)
                && $replacement->kind !== ReplacementKind::GlassOnly
            ) {
                $hints[] = new Reason('hint-no-trial', [
                    'name' => $replacement->name,
                    'flex' => $replacement->flexLength,
                    'needed' => $phone->panel->flexNeeded,
                ]);
            }
        }

        return $hints;
    }

    /** @return list<Reason> */
    private function part(Phone $phone, Part $part): array
    {
        if ($part->carriedBy === null || $part->kind->comesOutFirst()) {
            return [];
        }
        $held = array_filter($phone->fasteners, static fn(Fastener $f): bool => \in_array($part->id, $f->holds, true))
                !== []
            || array_filter(
                [...$phone->bonds, ...$phone->connectors],
                static fn(Bond|Connector $l): bool => \in_array($part->id, $l->joins, true),
            ) !== [];
        $hints = $held || $part->after !== [] ? [] : [new Reason('hint-nothing-holds', ['name' => $part->name])];
        $structural = \in_array(
            $part->kind,
            [
                PartKind::Cover,
                PartKind::Bracket,
                PartKind::BackCover,
                PartKind::Frame,
                PartKind::Grille,
                PartKind::ShieldingFoil,
                PartKind::SensorHolder,
            ],
            true,
        );
        $carries = array_filter($phone->parts, static fn(Part $p): bool => $p->carriedBy === $part->id) !== [];

        return $structural || $carries || $part->functions !== []
            ? $hints
            : [...$hints, new Reason('hint-serves-nothing', ['name' => $part->name])];
    }
}
