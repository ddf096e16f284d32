<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Cut\Opening;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Pace;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\StepKind as Kind;
use Facelift\Proof\Gate;
use Facelift\Route\RemovalNode;
use Facelift\Route\Route;
use Facelift\Route\Trial;

/**
 * Writes the steps from switching off to the last part lifted out.
 *
 * @internal
 */
final class TakeApartSteps
{
    /** @var array<string, string> id of the step that finishes a removal */
    private array $doneBy = [];
    /** @var array<string, string> id of the step that warms a bond */
    private array $warmed = [];
    private bool $opened = false;
    private bool $proven = false;

    /** @param array<string, Opening> $openings */
    public function __construct(private readonly Request $request, private readonly Route $route, private readonly array $openings, private readonly StepList $steps, private readonly ?ReturnSteps $pieces = null) {}

    public function write(): void
    {
        $this->prepare();
        $start = $this->steps->all()[\count($this->steps->all()) - 1]->id;
        foreach ($this->route->removals->nodes as $node) {
            $this->warmWhatCanBe($start);
            $after = $this->after($node, $start);
            $this->doneBy[$node->id] = $node->id === Trial::ID ? $this->trial($after) : $this->removal($node, $after);
            if ($this->proven || $this->route->trial === null) {
                $this->pieces?->fit($this->doneBy);
            }
        }
        $replaced = $this->request->replacement->replaces;
        $glassOnly = $this->request->replacement->kind === ReplacementKind::GlassOnly;
        $this->steps->add(Phase::Strip, Kind::SetAside, $replaced, ['name' => $this->names($replaced)], hands: 15, cautions: [$glassOnly ? 'broken-glass' : 'waste'], because: [new Reason($glassOnly ? 'own-panel-kept' : 'nothing-left-in-it')], after: array_values($this->doneBy), effects: new Effects(out: $replaced, takes: $this->steps->stillOn('tape-front', 'prop', 'picks')));
    }

    private function prepare(): void
    {
        $phone = $this->request->phone;
        $off = $this->request->condition->canSwitchOff ? 'power-off-first' : 'unplug-at-first-reach';
        $this->steps->add(Phase::Prepare, Kind::PowerOff, figures: ['how' => $off], hands: 15, cautions: $this->request->condition->canSwitchOff ? ['wrist-strap'] : ['wrist-strap', 'may-be-live'], because: [new Reason($off)]);
        foreach ($phone->parts as $id => $part) {
            if ($part->kind->comesOutFirst()) {
                $this->steps->add(Phase::Prepare, Kind::TakeOut, [$id], ['name' => $part->name], $part->face, $part->tool === 'hand' ? null : $part->tool, $part->seconds, because: [new Reason('out-before-heat')], effects: new Effects(out: [$id]));
            }
        }
        foreach (Face::cases() as $face) {
            if ($this->request->condition->glassBroken($face)) {
                $this->steps->add(Phase::Prepare, Kind::TapeGlass, figures: ['face' => $face->value], face: $face, hands: 40, cautions: ['broken-glass'], because: [new Reason('holds-shards')], effects: new Effects(puts: ['tape-' . $face->value]));
            }
        }
    }

    /** Glue that is warmed needs no hands: it begins as soon as nothing keeps it from beginning, and other work goes on beside it. */
    private function warmWhatCanBe(string $start): void
    {
        $inner = new InnerBondSteps($this->request, $this->steps);
        foreach ($this->route->removals->nodes as $node) {
            $bond = $this->request->phone->bonds[$node->id] ?? null;
            $open = array_filter($node->clauses, fn(array $any): bool => array_intersect_key($this->doneBy, array_fill_keys($any, true)) === []);
            if ($bond !== null && $inner->isWarmed($bond) && $open === [] && !isset($this->doneBy[$node->id]) && !isset($this->warmed[$node->id])) {
                $this->warmed[$node->id] = $inner->warm($this->phase(), $bond, $this->after($node, $start));
            }
        }
    }

    /** @return list<string> */
    private function after(RemovalNode $node, string $start): array
    {
        $after = [$start];
        foreach ($node->clauses as $any) {
            $done = array_values(array_intersect_key($this->doneBy, array_fill_keys($any, true)));
            if ($done !== []) {
                $after[] = $done[0];
            }
        }

        return $after;
    }

    private function phase(): Phase
    {
        return match (true) {
            !$this->opened => Phase::Open,
            !$this->proven && $this->route->trial !== null => Phase::Unplug,
            default => Phase::Strip,
        };
    }

    /** @param list<string> $after */
    private function removal(RemovalNode $node, array $after): string
    {
        $phone = $this->request->phone;
        $because = [new Reason('frees', ['names' => $this->names(array_values(array_diff($this->route->frees[$node->id] ?? [], [Trial::ID])))])];
        if (($this->route->frees[$node->id] ?? []) === []) {
            $because = [new Reason('is-the-goal')];
        }

        return match (true) {
            isset($phone->fasteners[$node->id]) => $this->unscrew($phone->fasteners[$node->id], $because, $after),
            isset($phone->connectors[$node->id]) => $this->unplug($phone->connectors[$node->id], $because, $after),
            isset($phone->bonds[$node->id]) => $this->part($phone->bonds[$node->id], $because, $after),
            default => $this->lift($phone->parts[$node->id], $because, $after),
        };
    }

    /**
     * @param list<Reason> $because
     * @param list<string> $after
     */
    private function unscrew(Fastener $f, array $because, array $after): string
    {
        return $this->steps->add($this->phase(), Kind::Unscrew, [$f->id], ['name' => $f->name, 'count' => $f->count(), 'driver' => $f->driver->value, 'length' => $f->length], $f->face, $f->driver->value, Pace::SCREW_OUT * $f->count(), because: $because, after: $after, effects: new Effects(screwsOut: [$f->id => $f->count()]));
    }

    /**
     * @param list<Reason> $because
     * @param list<string> $after
     */
    private function unplug(Connector $c, array $because, array $after): string
    {
        $because = $c->power ? [new Reason('battery-first'), ...$because] : ($c->passive ? [new Reason('lead-carries-no-supply'), ...$because] : $because);

        return $this->steps->add($this->phase(), Kind::Unplug, [$c->id], ['name' => $c->name, 'connector' => $c->kind->value, 'passive' => $c->passive ? 'yes' : 'no'], $c->face, 'spudger', Pace::UNPLUG, cautions: $c->power ? ['wrist-strap'] : [], because: $because, after: $after, effects: new Effects(off: [$c->id]));
    }

    /**
     * @param list<Reason> $because
     * @param list<string> $after
     */
    private function lift(Part $part, array $because, array $after): string
    {
        $discarded = \in_array($part->id, $this->route->discarded, true);
        $cautions = $part->kind === PartKind::Battery ? ['cell', 'bent-cell'] : [];
        if ($part->pairing !== Pairing::None) {
            $because = [new Reason('paired', ['name' => $part->name]), ...$because];
            $cautions[] = 'paired';
        }
        $takes = $discarded || $part->kind === PartKind::BackCover ? $this->steps->stillOn('prop', ...($discarded ? ['tape-front'] : [])) : [];

        return $this->steps->add($this->phase(), Kind::LiftPart, [$part->id], ['name' => $part->name, 'care' => implode(' ', $part->care)], $part->face, $part->tool === 'hand' ? null : $part->tool, $part->seconds, cautions: $cautions, because: $because, after: $after, effects: new Effects(out: [$part->id], puts: $discarded ? [] : $part->kind->covered(), takes: $takes));
    }

    /**
     * @param list<Reason> $because
     * @param list<string> $after
     */
    private function part(Bond $bond, array $because, array $after): string
    {
        if ($bond->cut !== null) {
            $phase = $this->phase();
            $this->opened = true;

            return (new OpeningSteps($this->request, $this->openings[$bond->id], $this->steps))->write($phase, $bond, $this->follower($bond) !== $bond->joins[0], $because, $after);
        }
        $this->opened = $this->opened || $bond->adhesive === AdhesiveKind::Clips;

        return (new InnerBondSteps($this->request, $this->steps))->part($this->phase(), $bond, $because, isset($this->warmed[$bond->id]) ? [...$after, $this->warmed[$bond->id]] : $after);
    }

    /** The removal that comes right after a bond in the route. */
    private function follower(Bond $bond): ?string
    {
        $ids = $this->route->ids();

        return $ids[(int) array_search($bond->id, $ids, true) + 1] ?? null;
    }

    /** @param list<string> $after */
    private function trial(array $after): string
    {
        $trial = $this->route->trial ?? throw new \LogicException('a trial step without a trial');
        $phone = $this->request->phone;
        $power = $phone->powerConnector()->id;
        $names = $this->names($trial->connect);
        (new NewPart($this->request, $this->steps))->inspect(Phase::Trial, $after);
        $extension = $trial->extension ? [NewPart::EXTENSION] : [];
        $because = [new Reason('smallest-live-set')];
        if ($trial->extension) {
            $because[] = new Reason('trial-over-extension', ['flex' => $this->request->replacement->flexLength, 'needed' => $phone->panel->flexNeeded, 'extension' => $phone->panel->testExtension]);
        }
        $this->steps->add(Phase::Trial, Kind::TrialConnect, [...$trial->connect, $power], ['names' => $names, 'live' => $this->names($trial->live)], $phone->connectors[$power]->face, null, Pace::PLUG_IN * (1 + \count($trial->connect)), cautions: ['live', 'wrist-strap'], because: $because, effects: new Effects(on: [...$trial->connect, $power], puts: $extension));
        $this->steps->add(Phase::Trial, Kind::Gate, $trial->connect, ['gate' => Gate::Trial->value], hands: 60, cautions: ['live'], because: [new Reason('proven-before-stripped')], gate: Gate::Trial);
        if ($this->request->provesFirst()) {
            $this->steps->add(Phase::Trial, Kind::ProvePanel, $trial->connect, ['name' => $this->request->replacement->name], hands: 60, cautions: ['live'], because: [new Reason('known-good-panel-first')]);
        }
        $done = $this->steps->add(Phase::Trial, Kind::TrialOff, [$power, ...$trial->connect], ['names' => $names], $phone->connectors[$power]->face, null, Pace::UNPLUG * (1 + \count($trial->connect)), because: [new Reason('battery-first')], effects: new Effects(off: [$power, ...$trial->connect], takes: $extension));
        $this->proven = true;

        return $done;
    }

    /** @param list<string> $ids */
    private function names(array $ids): string
    {
        return implode(', ', array_map(fn(string $id): string => $this->request->phone->nameOf($id), $ids));
    }
}
