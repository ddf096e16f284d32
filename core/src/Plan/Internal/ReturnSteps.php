<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Film;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Calibration\MemoryTransfer;
use Facelift\Cut\GlassParting;
use Facelift\Document\Reason;
use Facelift\Fasteners\ScrewMat;
use Facelift\Plan\Effects;
use Facelift\Plan\Pace;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\StepKind as Kind;
use Facelift\Proof\Gate;
use Facelift\Route\Route;
use Facelift\Route\Trial;
use Facelift\Seal\SealPlan;

/**
 * Writes the way back: the removals in reverse, with seals renewed and tests at their gates.
 *
 * @internal
 */
final class ReturnSteps
{
    /** @var array<string, string> id of the step that finishes a refit */
    private array $doneBy = [];
    private bool $closing = false;
    private bool $sealing = false;
    private bool $live = false;
    private bool $displayShut;
    private string $start;
    /** @var list<string> removals still to be reversed, in order */
    private array $left;

    /** @param array<string, SealPlan> $seals */
    public function __construct(private readonly Request $request, private readonly Route $route, private readonly array $seals, private readonly StepList $steps, private readonly ?GlassParting $glass = null)
    {
        $this->left = array_reverse($route->ids());
        $this->displayShut = array_filter(array_keys($seals), fn(string $id): bool => $this->joinsDisplay($id)) === [];
        $this->start = '';
    }

    /**
     * Piece by piece: fits at once whatever is out and has everything under it in already.
     *
     * @param array<string, string> $out id of the step that finished a removal
     */
    public function fit(array $out): void
    {
        do {
            $fitted = false;
            foreach ($this->left as $i => $id) {
                if (isset($out[$id]) && $this->canGoOver($id)) {
                    if ($this->start === '') {
                        $this->begin();
                    }
                    array_splice($this->left, $i, 1);
                    $this->doneBy[$id] = $this->refit($id, [...$this->after($id), $out[$id]]);
                    $fitted = true;
                    break;
                }
            }
        } while ($fitted);
    }

    /** Nothing that is closed, bonded shut or live, and only what has its place on the new part by now. */
    private function canGoOver(string $id): bool
    {
        $phone = $this->request->phone;
        $under = array_diff($this->route->frees[$id] ?? [], [Trial::ID], array_keys($this->doneBy));
        $bond = $phone->bonds[$id] ?? null;
        if ($under !== [] || \in_array($id, $this->route->discarded, true) || ($phone->connectors[$id]->power ?? false) || ($bond !== null && ($bond->cut !== null || $bond->adhesive === AdhesiveKind::Clips))) {
            return false;
        }
        $needs = $phone->fasteners[$id]->holds ?? $phone->connectors[$id]->joins ?? $bond->joins ?? [$phone->parts[$id]->carriedBy ?? ''];

        return array_filter($needs, fn(string $part): bool => !$this->isOver($part)) === [];
    }

    /** On the new part: it is new, or it or what carries it has been fitted. */
    private function isOver(string $part): bool
    {
        for ($at = $part; $at !== null && $at !== ''; $at = $this->request->phone->parts[$at]->carriedBy) {
            if (isset($this->doneBy[$at]) || \in_array($at, $this->route->discarded, true)) {
                return $at === $part || isset($this->doneBy[$at]) || !\in_array($part, $this->route->moved, true);
            }
        }

        return false;
    }

    public function write(): void
    {
        if ($this->start === '') {
            $this->begin();
        }
        while ($this->left !== []) {
            $id = array_shift($this->left);
            $after = $this->after($id);
            $this->doneBy[$id] = $this->refit($id, $after);
        }
        $this->finish();
    }

    private function begin(): void
    {
        if ($this->request->replacement->kind === ReplacementKind::GlassOnly) {
            $this->start = (new GlassSteps($this->request, $this->glass ?? throw new \LogicException('new glass without a way to part the old'), $this->steps))->write();

            return;
        }
        if (MemoryTransfer::of($this->request->phone->panel)->needed) {
            $this->steps->add(Phase::MoveOver, Kind::ReadMemory, hands: 60, tool: 'panel programmer', because: [new Reason('read-before-binned')]);
            $this->steps->add(Phase::MoveOver, Kind::WriteMemory, hands: 60, tool: 'panel programmer', because: [new Reason('verified-by-reading-back')]);
        }
        $this->start = (new NewPart($this->request, $this->steps))->prepare(Phase::MoveOver);
    }

    private function phase(): Phase
    {
        return match (true) {
            $this->closing => Phase::Close,
            $this->sealing => Phase::Seal,
            default => Phase::MoveOver,
        };
    }

    /** @return list<string> the refits that have to come first: everything that waited for this one to come off */
    private function after(string $id): array
    {
        $over = array_intersect_key($this->doneBy, array_fill_keys($this->route->frees[$id] ?? [], true));

        return [$this->start, ...array_values($over)];
    }

    /** @param list<string> $after */
    private function refit(string $id, array $after): string
    {
        $phone = $this->request->phone;

        return match (true) {
            isset($phone->fasteners[$id]) => $this->screwIn($phone->fasteners[$id], $after),
            isset($phone->connectors[$id]) => $this->plugIn($phone->connectors[$id], $after),
            isset($phone->bonds[$id]) => $this->bond($phone->bonds[$id], $after),
            default => $this->part($id, $after),
        };
    }

    /** @param list<string> $after */
    private function screwIn(Fastener $f, array $after): string
    {
        $order = array_map(static fn(int $i): int => $i + 1, ScrewMat::tightening($f->places));
        $figures = ['name' => $f->name, 'count' => $f->count(), 'driver' => $f->driver->value, 'length' => $f->length, 'order' => implode(' ', $order)];
        $effects = new Effects(screwsIn: [$f->id => $f->count()]);
        if (\in_array($f->id, $this->request->replacement->lacks, true)) {
            return $this->steps->add($this->phase(), Kind::LeftOver, [$f->id], $figures, $f->face, null, 5, because: [new Reason('no-hole-on-new-part')], after: $after, effects: $effects);
        }

        return $this->steps->add($this->phase(), Kind::ScrewIn, [$f->id], $figures, $f->face, $f->driver->value, Pace::SCREW_IN * $f->count(), cautions: ['screw-length'], because: [new Reason('corners-opposite')], after: $after, effects: $effects);
    }

    /** @param list<string> $after */
    private function plugIn(Connector $c, array $after): string
    {
        $done = $this->steps->add($this->phase(), Kind::PlugIn, [$c->id], ['name' => $c->name, 'connector' => $c->kind->value, 'passive' => $c->passive ? 'yes' : 'no'], $c->face, 'spudger', Pace::PLUG_IN, cautions: $c->power ? ['wrist-strap'] : [], because: [new Reason($c->power ? 'battery-last' : 'felt-and-heard')], after: $after, effects: new Effects(on: [$c->id]));
        $this->live = $this->live || $c->power;

        return $done;
    }

    /** @param list<string> $after */
    private function part(string $id, array $after): string
    {
        $part = $this->request->phone->parts[$id];
        if (!\in_array($id, $this->route->discarded, true)) {
            $battery = $part->kind === PartKind::Battery;
            $cautions = $battery ? ['cell', 'bent-cell'] : [];
            if ($battery && \in_array('battery-well', $this->steps->wet(), true)) {
                $after = [$this->steps->add($this->phase(), Kind::ConfirmDry, [$id], ['place' => 'battery-well'], $part->face, null, 10, 60, ['no-flame-ipa'], [new Reason('alcohol-dries-before-closing')], $after, new Effects(dries: 'battery-well'))];
            }
            $tethered = $this->cutBondOf($id) !== null && ($this->left[0] ?? null) !== $this->cutBondOf($id)->id;

            return $this->steps->add($this->phase(), Kind::FitPart, [$id], ['name' => $part->name, 'care' => implode(' ', $part->care)], $part->face, $part->tool === 'hand' ? null : $part->tool, $part->seconds, cautions: $cautions, because: [new Reason('goes-before', ['names' => $this->covers($id)])], after: $after, effects: new Effects(in: [$id], puts: $tethered ? ['prop'] : [], takes: $part->kind->covered() === [] ? [] : $this->steps->stillOn(...$part->kind->covered())));
        }
        $bond = $this->cutBondOf($id);
        if ($bond !== null && $this->canBeTestedDry()) {
            $after = [...$after, $this->dryTest($after)];
        }
        if ($bond !== null) {
            $after = [...$after, $this->prepareLedge($bond, $after)];
        }
        $attached = $bond !== null && ($this->left[0] ?? null) !== $bond->id;
        $done = $this->steps->add($attached ? Phase::Close : $this->phase(), Kind::FitNew, [$id], ['name' => $this->request->replacement->name, 'part' => $part->name], $part->face, null, 30, cautions: ['no-pinch'], because: [new Reason('align-one-edge')], after: $after, effects: new Effects(in: [$id], puts: $attached ? ['prop'] : []));
        $this->closing = $this->closing || $attached;

        return $done;
    }

    /** Nothing was proven yet, and everything that has to be live lies in its place: the last moment before it is bonded. */
    private function canBeTestedDry(): bool
    {
        $phone = $this->request->phone;
        if ($this->route->trial !== null || $this->live || $this->request->replacement->kind === ReplacementKind::GlassOnly) {
            return false;
        }
        $ends = $phone->powerConnector()->joins;
        foreach (Trial::plugsOf($phone, $this->route->discarded) as $plug) {
            $ends = [...$ends, ...$phone->connectors[$plug]->joins];
        }

        return array_intersect(array_diff($ends, $this->route->discarded), $this->left) === [];
    }

    /**
     * @param list<string> $after
     *
     * @return string id of the step that takes the battery off again
     */
    private function dryTest(array $after): string
    {
        $phone = $this->request->phone;
        $power = $phone->powerConnector()->id;
        $plugs = Trial::plugsOf($phone, $this->route->discarded);
        $names = implode(', ', array_map($phone->nameOf(...), $plugs));
        (new NewPart($this->request, $this->steps))->inspect($this->phase(), $after);
        $this->steps->add($this->phase(), Kind::TrialConnect, [...$plugs, $power], ['names' => $names, 'live' => implode(', ', array_map($phone->nameOf(...), [...$plugs, $power]))], $phone->connectors[$power]->face, null, Pace::PLUG_IN * (1 + \count($plugs)), cautions: ['live', 'wrist-strap'], because: [new Reason('last-moment-before-bonding')], effects: new Effects(on: [...$plugs, $power]));
        $this->steps->add($this->phase(), Kind::Gate, $plugs, ['gate' => Gate::Dry->value], hands: 60, cautions: ['live'], because: [new Reason('before-bonding')], gate: Gate::Dry);

        return $this->steps->add($this->phase(), Kind::TrialOff, [$power, ...$plugs], ['names' => $names], $phone->connectors[$power]->face, null, Pace::UNPLUG * (1 + \count($plugs)), because: [new Reason('battery-first')], effects: new Effects(off: [$power, ...$plugs]));
    }

    private function covers(string $id): string
    {
        $names = array_map(fn(string $w): string => $this->request->phone->nameOf($w), array_filter($this->left, fn(string $w): bool => \in_array($id, $this->route->frees[$w] ?? [], true)));

        return implode(', ', $names);
    }

    /** @param list<string> $after */
    private function bond(Bond $bond, array $after): string
    {
        if ($bond->cut === null) {
            if ($bond->adhesive === AdhesiveKind::Clips && $this->live && $this->displayShut) {
                $after = [...$after, $this->gate(Gate::Bonded, 'back-still-open', $after)];
            }

            return (new InnerBondSteps($this->request, $this->steps))->renew($this->phase(), $bond, $after);
        }
        $ofDisplay = $this->joinsDisplay($bond->id);
        if (!$ofDisplay) {
            $after = [...$after, $this->prepareLedge($bond, $after)];
        }
        if ($this->live && $ofDisplay) {
            $after = [...$after, $this->gate(Gate::Dry, 'before-bonding', $after)];
        } elseif ($this->live && $this->displayShut) {
            $after = [...$after, $this->gate(Gate::Bonded, 'back-still-open', $after)];
        }
        $done = $this->steps->add($this->phase(), Kind::CloseBond, [$bond->id, $bond->joins[0]], ['name' => $bond->name, 'part' => $this->request->phone->nameOf($bond->joins[0]), 'align' => $bond->cut->hinge?->opposite()->value ?? 'top'], $bond->face, null, 60, cautions: ['no-pinch', 'water-resistance'], because: [new Reason('press-along-bond')], after: $after, effects: new Effects(takes: $this->steps->stillOn('prop')));
        $this->displayShut = $this->displayShut || $ofDisplay;
        if ($this->live && $this->cutBondsLeft() === [] && $this->screwsLeft()) {
            $done = $this->gate(Gate::LaidShut, 'before-tail-screws', [$done]);
        }
        $done = $this->clamp($bond, $done);
        $this->closing = true;

        return $done;
    }

    private function clamp(Bond $bond, string $done): string
    {
        if ($bond->clampMinutes <= 0) {
            return $done;
        }
        $this->steps->add($this->phase(), Kind::Clamp, [$bond->id], ['name' => $bond->name, 'minutes' => $bond->clampMinutes, 'without' => $bond->noClamp->value ?? ''], $bond->face, null, 30, $bond->clampMinutes * 60, because: [new Reason('clamps-hold', ['minutes' => $bond->clampMinutes])], after: [$done], effects: new Effects(puts: ['clamps']));

        return $this->steps->add($this->phase(), Kind::Unclamp, [$bond->id], ['name' => $bond->name], $bond->face, null, 20, because: [new Reason('adhesive-grips')], effects: new Effects(takes: ['clamps']));
    }

    /** @param list<string> $after */
    private function prepareLedge(Bond $bond, array $after): string
    {
        $this->sealing = true;
        $seal = $this->seals[$bond->id];
        $length = $this->request->phone->body->glass->perimeter();
        $place = $bond->face->value === 'front' ? 'edge' : 'back';
        $this->steps->add($this->phase(), Kind::CleanLedge, [$bond->id], ['name' => $bond->name, 'length' => round($length)], $bond->face, 'plastic scraper', $length * Pace::CLEAN_PER_MM, cautions: ['no-flame-ipa', 'broken-glass'], because: [new Reason('ridge-lifts-screen')], after: $after, effects: new Effects(wets: $place));
        $this->steps->add($this->phase(), Kind::ConfirmDry, [$bond->id], ['place' => $place], $bond->face, null, 5, 60, ['no-flame-ipa'], [new Reason('adhesive-needs-dry')], effects: new Effects(dries: $place));
        $strips = \count($seal->strips);
        $figures = ['name' => $bond->name, 'how' => $bond->renewal->value, 'strips' => $strips, 'metres' => round(array_sum($seal->metres), 2), 'proud' => $seal->height?->proud() ?? 0.0, 'freed' => implode(', ', array_map(fn(string $o): string => $this->request->phone->openings[$o]->name, $seal->freed))];

        return $this->steps->add($this->phase(), Kind::LaySeal, [$bond->id], $figures, $bond->face, 'tweezers', $strips > 0 ? $strips * Pace::TAPE_STRIP : Pace::PRECUT_SEAL, because: [new Reason('seal-renewed')]);
    }

    /** @param list<string> $after */
    private function gate(Gate $gate, string $why, array $after): string
    {
        $this->closing = true;

        return $this->steps->add($gate === Gate::Finished ? Phase::Finish : Phase::Close, Kind::Gate, [], ['gate' => $gate->value], hands: 90, because: [new Reason($why)], after: $after, gate: $gate);
    }

    private function finish(): void
    {
        $this->steps->add(Phase::Finish, Kind::PutBack, $this->trays(), ['name' => implode(', ', array_map(fn(string $id): string => $this->request->phone->nameOf($id), $this->trays()))], hands: 20, because: [new Reason('trays-back')], after: [$this->start, ...array_values($this->doneBy)], effects: new Effects(in: $this->trays()));
        $on = array_values(array_filter($this->steps->stillOn(), static fn(string $thing): bool => Film::tryFrom($thing)?->staysUntilHandOver() !== true));
        $this->steps->add(Phase::Finish, Kind::TakeOff, figures: ['things' => implode(' ', $on)], hands: 30, because: [new Reason('work-things-off')], effects: new Effects(takes: $on));
        $this->steps->add(Phase::Finish, Kind::Charge, hands: 10, wait: 600, because: [new Reason('charge-before-last-gate')]);
        $this->gate(Gate::Finished, 'last-gate', [$this->steps->all()[\count($this->steps->all()) - 1]->id]);
    }

    /** @return list<string> */
    private function trays(): array
    {
        return array_keys(array_filter($this->request->phone->parts, static fn($p): bool => $p->kind->comesOutFirst()));
    }

    private function joinsDisplay(string $bond): bool
    {
        return \in_array($this->request->phone->bonds[$bond]->joins[0], $this->request->replacement->replaces, true);
    }

    private function cutBondOf(string $part): ?Bond
    {
        foreach (array_keys($this->seals) as $id) {
            if ($this->request->phone->bonds[$id]->joins[0] === $part) {
                return $this->request->phone->bonds[$id];
            }
        }

        return null;
    }

    /** @return list<string> */
    private function cutBondsLeft(): array
    {
        return array_values(array_intersect($this->left, array_keys($this->seals)));
    }

    private function screwsLeft(): bool
    {
        return array_intersect($this->left, array_keys($this->request->phone->fasteners)) !== [];
    }
}
