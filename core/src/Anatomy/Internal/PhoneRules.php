<?php

declare(strict_types=1);

namespace Facelift\Anatomy\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\FileSection;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Document\Node;
use Facelift\Geometry\Point;
use Facelift\Geometry\Side;

/**
 * What a schema cannot say about a phone file: that ids exist, that things lie where they can, that everything comes
 * off.
 *
 * @internal
 */
final readonly class PhoneRules
{
    public function check(Phone $phone, Node $root): void
    {
        $before = \count($root->faults->all());
        $this->ids($phone, $root);
        $this->places($phone, $root);
        $this->bonds($phone, $root);
        if (\count($root->faults->all()) > $before) {
            return;
        }
        $cycle = Blocks::of($phone)->cycle();
        if ($cycle !== []) {
            $root->fault('parts', 'nothing in this ring can come off first: ' . implode(' waits for ', $cycle));
        }
    }

    private function ids(Phone $phone, Node $root): void
    {
        $groups = [
            'parts' => $phone->parts,
            'fasteners' => $phone->fasteners,
            'connectors' => $phone->connectors,
            'bonds' => $phone->bonds,
        ];
        $known = [];
        foreach ($groups as $group => $elements) {
            foreach (array_keys($elements) as $i => $id) {
                if (isset($known[$id])) {
                    $root->fault("{$group}[$i].id", \sprintf('"%s" is used twice', $id));
                }
                $known[$id] = true;
            }
        }
        foreach ($groups as $group => $elements) {
            foreach (array_values($elements) as $i => $element) {
                foreach ($element->after as $j => $any) {
                    $this->mustKnow($root, "{$group}[$i].after[$j]", $any, $known);
                }
            }
        }
        $this->partReferences($phone, $root);
        $this->footing($phone, $root);
        foreach (array_values($phone->connectors) as $i => $connector) {
            if ($connector->passive && $connector->kind !== ConnectorKind::Coax) {
                $root->fault(
                    "connectors[$i].passive",
                    'is for antenna leads (coax) only: everything else comes after the battery',
                );
            }
        }
        $powers = \count(array_filter($phone->connectors, static fn($c): bool => $c->power));
        if ($powers !== 1) {
            $root->fault('connectors', \sprintf('exactly one must be the battery\'s (power: true), %d are', $powers));
        }
    }

    /** What rests on something has to be there. */
    private function footing(Phone $phone, Node $root): void
    {
        $known = $phone->parts + $phone->fasteners + $phone->connectors + $phone->bonds;
        foreach (array_keys($phone->footing->elements) as $i => $id) {
            $this->mustKnow($root, "footing.elements[$i].of", [$id], $known);
        }
        foreach (array_keys($phone->footing->sections) as $i => $name) {
            if (FileSection::tryFrom($name) === null) {
                $all = implode(', ', array_column(FileSection::cases(), 'value'));
                $root->fault("footing.sections[$i].of", 'must be one of ' . $all);
            }
        }
        foreach (array_keys($phone->footing->screws) as $i => $id) {
            $this->mustKnow($root, "footing.screws[$i].of", [$id], $phone->fasteners);
        }
    }

    private function partReferences(Phone $phone, Node $root): void
    {
        foreach (array_values($phone->parts) as $i => $part) {
            if ($part->carriedBy !== null) {
                $this->mustKnow($root, "parts[$i].carriedBy", [$part->carriedBy], $phone->parts);
                $this->mustNotCarryItself($phone, $root, $part->id, "parts[$i].carriedBy");
            }
        }
        foreach (array_values($phone->fasteners) as $i => $fastener) {
            $this->mustKnow($root, "fasteners[$i].holds", $fastener->holds, $phone->parts);
        }
        foreach (['connectors' => $phone->connectors, 'bonds' => $phone->bonds] as $group => $links) {
            foreach (array_values($links) as $i => $link) {
                $this->mustKnow($root, "{$group}[$i].joins", $link->joins, $phone->parts);
            }
        }
        foreach (array_values($phone->replacements) as $i => $replacement) {
            $this->mustKnow($root, "replacements[$i].replaces", $replacement->replaces, $phone->parts);
            $this->mustKnow($root, "replacements[$i].brings", $replacement->brings, $phone->parts);
            $this->mustKnow($root, "replacements[$i].lacks", $replacement->lacks, $phone->fasteners);
            if ($replacement->replaces === []) {
                $root->fault("replacements[$i].replaces", 'must name at least one part');
            }
        }
    }

    /**
     * @param list<string>         $ids
     * @param array<string, mixed> $known
     */
    private function mustKnow(Node $root, string $path, array $ids, array $known): void
    {
        foreach ($ids as $id) {
            if (!isset($known[$id])) {
                $root->fault($path, \sprintf('"%s" is not an id in this file', $id));
            }
        }
    }

    private function mustNotCarryItself(Phone $phone, Node $root, string $id, string $path): void
    {
        $seen = [];
        for ($at = $id; $at !== null && isset($phone->parts[$at]); $at = $phone->parts[$at]->carriedBy) {
            if (isset($seen[$at])) {
                $root->fault($path, 'is a ring: ' . implode(' is carried by ', [...array_keys($seen), $at]));

                return;
            }
            $seen[$at] = true;
        }
    }

    private function places(Phone $phone, Node $root): void
    {
        $outline = $phone->body->outline;
        $glass = $phone->body->glass;
        if (!$glass->box->contains($phone->body->display)) {
            $root->fault('body.display', 'lies outside the glass');
        }
        foreach (array_values($phone->openings) as $i => $opening) {
            if (!$glass->box->contains($opening->box())) {
                $root->fault("openings[$i]", \sprintf('"%s" lies outside the glass', $opening->id));
            }
        }
        $this->ledge($phone, $root);
        foreach (array_values($phone->parts) as $i => $part) {
            if (!$outline->box->grown(0.5)->contains($part->box)) {
                $root->fault("parts[$i]", \sprintf('"%s" lies off the phone', $part->id));
            }
        }
        foreach (array_values($phone->fasteners) as $i => $fastener) {
            foreach ($fastener->places as $j => $place) {
                $this->mustLieOn($phone, $root, $place, "fasteners[$i].places[$j]");
            }
        }
        foreach (array_values($phone->connectors) as $i => $connector) {
            $this->mustLieOn($phone, $root, $connector->at, "connectors[$i]");
        }
    }

    private function ledge(Phone $phone, Node $root): void
    {
        $ledge = $phone->ledge;
        $box = $phone->body->glass->box;
        if ($ledge->left + $ledge->right >= $box->width || $ledge->top + $ledge->bottom >= $box->height) {
            $root->fault(
                'ledge',
                \sprintf('leaves nothing inside of a glass of %.1f × %.1f mm', $box->width, $box->height),
            );
        }
        foreach ($ledge->narrowings as $i => $n) {
            $side = $ledge->width($n->side);
            if ($n->width >= $side) {
                $root->fault(
                    "ledge.narrowings[$i].width",
                    \sprintf('is %.2f mm, must be less than the %.2f mm of its side', $n->width, $side),
                );
            }
            if ($n->to > $phone->body->glass->length($n->side)) {
                $root->fault("ledge.narrowings[$i].to", 'lies beyond the end of the side');
            }
        }
    }

    private function mustLieOn(Phone $phone, Node $root, Point $place, string $path): void
    {
        if (!$phone->body->outline->holds($place)) {
            $root->fault($path, \sprintf('(%.1f, %.1f) lies off the phone', $place->x, $place->y));
        }
    }

    private function bonds(Phone $phone, Node $root): void
    {
        foreach (array_values($phone->bonds) as $i => $bond) {
            $this->stackOf(
                $phone,
                $root,
                $bond->warming?->edge,
                LayerRole::Bond,
                "bonds[$i].stack",
            );
            $this->stackOf(
                $phone,
                $root,
                $bond->warming?->centre,
                LayerRole::Battery,
                "bonds[$i].batteryStack",
            );
            $coldly = [AdhesiveKind::Clips, AdhesiveKind::Silicone, AdhesiveKind::PullTab];
            if ($bond->cut !== null && \in_array($bond->adhesive, $coldly, true)) {
                $root->fault(
                    "bonds[$i].cut",
                    'is for a bond that is parted with heat and blade, not for ' . $bond->adhesive->value,
                );
            }
            $lit = isset($phone->parts[$bond->lifted()]) && !$phone->panel->technology->isSelfLit()
                && \in_array($phone->parts[$bond->lifted()]->kind, [PartKind::Display, PartKind::Digitizer], true);
            if ($lit && $bond->zones !== []) {
                $root->fault("bonds[$i].zones", 'an open backlight bears no adhesive in its well: it leaves marks');
            }
            foreach ($bond->zones as $j => $zone) {
                if (!$phone->body->glass->box->contains($zone->box)) {
                    $root->fault("bonds[$i].zones[$j]", \sprintf('"%s" lies outside the glass', $zone->id));
                }
            }
            foreach ($bond->pryPoints as $j => $point) {
                $this->mustLieOn($phone, $root, $point, "bonds[$i].pryPoints[$j]");
            }
            if ($bond->cut !== null && $bond->warming === null) {
                $root->fault("bonds[$i].stack", 'a bond that is cut needs a stack and a batteryStack');
            }
            $this->stretches($phone, $root, $bond, "bonds[$i].cut");
        }
    }

    private function stackOf(
        Phone $phone,
        Node $root,
        ?string $stack,
        LayerRole $needed,
        string $path,
    ): void {
        if ($stack === null) {
            return;
        }
        if (!isset($phone->stacks[$stack])) {
            $root->fault($path, \sprintf('"%s" is not a stack in this file', $stack));
        } elseif (!\in_array($needed, array_map(static fn($l): LayerRole => $l->role, $phone->stacks[$stack]), true)) {
            $root->fault($path, \sprintf('"%s" has no layer with the role %s', $stack, $needed->value));
        }
    }

    private function stretches(Phone $phone, Node $root, Bond $bond, string $path): void
    {
        $cut = $bond->cut;
        if ($cut === null) {
            return;
        }
        $ends = array_fill_keys(array_map(static fn(Side $s): string => $s->value, Side::cases()), 0.0);
        $byStart = $cut->stretches;
        usort($byStart, static fn($a, $b): int => $a->from <=> $b->from);
        foreach ($byStart as $stretch) {
            $i = array_search($stretch, $cut->stretches, true);
            if ($stretch->to > $phone->body->outline->length($stretch->side) + 1e-6) {
                $root->fault(
                    "$path.stretches[$i].to",
                    \sprintf(
                        'is %.1f mm, the side is %.1f mm long',
                        $stretch->to,
                        $phone->body->outline->length($stretch->side),
                    ),
                );
            }
            if ($stretch->from < $ends[$stretch->side->value] - 1e-6) {
                $root->fault("$path.stretches[$i].from", 'overlaps the stretch before it');
            }
            $ends[$stretch->side->value] = $stretch->to;
            if ($stretch->side === $cut->hinge && !$stretch->forbidden) {
                $root->fault("$path.stretches[$i].forbidden", 'must be true on the hinge side');
            }
        }
    }
}
