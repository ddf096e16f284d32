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
use Facelift\Cut\Move;
use Facelift\Cut\MoveKind;
use Facelift\Cut\Opening;
use Facelift\Document\Reason;
use Facelift\Heat\SourceKind;
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
    private bool $opened = false;
    private bool $proven = false;

    /** @param array<string, Opening> $openings */
    public function __construct(private readonly Request $request, private readonly Route $route, private readonly array $openings, private readonly StepList $steps) {}

    public function write(): void
    {
        $this->prepare();
        $start = $this->steps->all()[\count($this->steps->all()) - 1]->id;
        foreach ($this->route->removals->nodes as $node) {
            $after = $this->after($node, $start);
            $this->doneBy[$node->id] = $node->id === Trial::ID ? $this->trial($after) : $this->removal($node, $after);
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
        $because = $c->power ? [new Reason('battery-first'), ...$because] : $because;

        return $this->steps->add($this->phase(), Kind::Unplug, [$c->id], ['name' => $c->name, 'connector' => $c->kind->value], $c->face, 'spudger', Pace::UNPLUG, cautions: $c->power ? ['wrist-strap'] : [], because: $because, after: $after, effects: new Effects(off: [$c->id]));
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

        return $this->steps->add($this->phase(), Kind::LiftPart, [$part->id], ['name' => $part->name, 'care' => implode(' ', $part->care)], $part->face, $part->tool === 'hand' ? null : $part->tool, $part->seconds, cautions: $cautions, because: $because, after: $after, effects: new Effects(out: [$part->id], takes: $takes));
    }

    /**
     * @param list<Reason> $because
     * @param list<string> $after
     */
    private function part(Bond $bond, array $because, array $after): string
    {
        if ($bond->cut !== null) {
            return $this->cut($bond, $because, $after);
        }
        $tool = $bond->adhesive === AdhesiveKind::PullTab ? 'pull tab' : 'warm air and spudger';
        $cautions = $bond->adhesive === AdhesiveKind::PullTab ? ['cell', 'bent-cell'] : ['hot-air', 'no-flame-ipa'];

        return $this->steps->add($this->phase(), Kind::PartBond, [$bond->id], ['name' => $bond->name, 'adhesive' => $bond->adhesive->value], $bond->face, $tool, 45, cautions: $cautions, because: $because, after: $after);
    }

    /**
     * @param list<Reason> $because
     * @param list<string> $after
     */
    private function cut(Bond $bond, array $because, array $after): string
    {
        $phase = $this->phase();
        foreach ($this->openings[$bond->id]->moves as $i => $move) {
            $this->move($phase, $bond, $move, $i === 0 ? $after : null, $because);
        }
        $attached = $this->follower($bond) !== $bond->joins[0];
        $lifted = $this->request->phone->parts[$bond->joins[0]];
        $done = $this->steps->add($phase, Kind::Lift, [$bond->joins[0]], ['name' => $lifted->name, 'hinge' => $bond->cut?->hinge->value ?? '', 'attached' => $attached ? 'yes' : 'no'], $bond->face, null, 20, cautions: ['broken-glass', 'hot-face'], because: $attached ? [new Reason('still-on-its-flex')] : $because, effects: new Effects(puts: $attached ? ['prop'] : [], takes: $this->steps->stillOn('picks')));
        $this->opened = true;

        return $done;
    }

    /** The removal that comes right after a bond in the route. */
    private function follower(Bond $bond): ?string
    {
        $ids = $this->route->ids();

        return $ids[(int) array_search($bond->id, $ids, true) + 1] ?? null;
    }

    /**
     * @param list<string>|null $after
     * @param list<Reason>      $because
     */
    private function move(Phase $phase, Bond $bond, Move $move, ?array $after, array $because): void
    {
        $figures = ['name' => $bond->name, 'bond' => round($move->bond, 1), 'battery' => round($move->battery, 1), 'grips' => (int) $move->grips];
        match ($move->kind) {
            MoveKind::Heat, MoveKind::Reheat => $this->heat($phase, $bond, $move, $figures, $after, $because),
            MoveKind::Cool => $this->steps->add($phase, Kind::Cool, [$bond->id], $figures, $bond->face, null, 5, $move->seconds, ['battery-limit'], [new Reason('battery-near-limit')], $after),
            MoveKind::FirstGap => $this->steps->add($phase, Kind::FirstGap, [$bond->id], $figures + ['side' => $move->side->value ?? ''], $bond->face, $this->firstTool($bond), $move->seconds, 0, ['broken-glass', 'hot-face'], [new Reason('start-edge')], $after, new Effects(puts: ['picks'])),
            MoveKind::Pass => $this->steps->add($phase, Kind::CutPass, [$bond->id], $figures + ['stretch' => (string) $move->stretch, 'side' => $move->side->value ?? '', 'where' => $this->where($move), 'from' => $move->from, 'to' => $move->to, 'length' => (int) round($move->length), 'depth' => $move->depth, 'pace' => $move->pace, 'crazed' => $move->crazed ? 'yes' : 'no', 'behind' => (string) $move->behind], $bond->face, 'card', $move->seconds, 0, $this->request->condition->glassBroken($bond->face) ? ['broken-glass', 'hot-face'] : ['hot-face'], [new Reason('fits-working-window', ['seconds' => (int) $move->grips])], $after, new Effects(puts: ['picks'])),
        };
    }

    /**
     * @param array<string, string|float|int> $figures
     * @param list<string>|null               $after
     * @param list<Reason>                    $because
     */
    private function heat(Phase $phase, Bond $bond, Move $move, array $figures, ?array $after, array $because): void
    {
        $source = $this->request->source;
        // On a plate the heated face lies down; air and bag come from above.
        $up = $source->kind === SourceKind::Plate ? ($bond->face === Face::Front ? Face::Back : Face::Front) : $bond->face;
        $burns = $source->kind === SourceKind::Plate ? 'hot-plate' : ($source->kind === SourceKind::GrainBag ? 'hot-face' : 'hot-air');
        $window = $this->openings[$bond->id]->window;
        $this->steps->add(
            $phase,
            $move->kind === MoveKind::Heat ? Kind::Heat : Kind::Reheat,
            [$bond->id],
            $figures + ['set' => round($source->set), 'source' => $source->kind->value, 'seconds' => (int) $move->seconds, 'face' => $bond->face->value],
            $up,
            $source->kind === SourceKind::Plate ? 'plate' : ($source->kind === SourceKind::GrainBag ? 'grain bag' : 'hot air'),
            10,
            $move->seconds,
            [$burns, 'battery-limit', 'no-flame-ipa'],
            [new Reason('bond-into-window', ['low' => $window->low, 'high' => $window->high]), ...$because],
            $after,
        );
    }

    /** Which part of a side a pass covers, in words that the drawing bears out. */
    private function where(Move $move): string
    {
        $side = $move->side;
        if ($side === null) {
            return '';
        }
        $end = $this->request->phone->body->outline->length($side);
        $names = $side->isHorizontal() ? [', left part', ', right part'] : [', upper part', ', lower part'];

        return $side->value . ' edge' . match (true) {
            $move->from < 1.0 && $move->to > $end - 1.0 => '',
            $move->from + $move->to < $end => $names[0],
            default => $names[1],
        };
    }

    /** Crazed glass does not hold a suction cup. */
    private function firstTool(Bond $bond): string
    {
        return $this->request->condition->glassBroken($bond->face) ? 'thin blade' : 'suction cup and thin blade';
    }

    /** @param list<string> $after */
    private function trial(array $after): string
    {
        $trial = $this->route->trial ?? throw new \LogicException('a trial step without a trial');
        $phone = $this->request->phone;
        $power = $phone->powerConnector()->id;
        $names = $this->names($trial->connect);
        $this->steps->add(Phase::Trial, Kind::InspectNew, figures: ['name' => $this->request->replacement->name], hands: 40, because: [new Reason('inspect-before-connecting')], after: $after);
        $this->steps->add(Phase::Trial, Kind::TrialConnect, [...$trial->connect, $power], ['names' => $names, 'live' => $this->names($trial->live)], $phone->connectors[$power]->face, null, Pace::PLUG_IN * (1 + \count($trial->connect)), cautions: ['live', 'wrist-strap'], because: [new Reason('smallest-live-set')], effects: new Effects(on: [...$trial->connect, $power]));
        $this->steps->add(Phase::Trial, Kind::Gate, $trial->connect, ['gate' => Gate::Trial->value], hands: 60, cautions: ['live'], because: [new Reason('proven-before-stripped')], gate: Gate::Trial);
        if ($this->request->provesFirst()) {
            $this->steps->add(Phase::Trial, Kind::ProvePanel, $trial->connect, ['name' => $this->request->replacement->name], hands: 60, cautions: ['live'], because: [new Reason('known-good-panel-first')]);
        }
        $done = $this->steps->add(Phase::Trial, Kind::TrialOff, [$power, ...$trial->connect], ['names' => $names], $phone->connectors[$power]->face, null, Pace::UNPLUG * (1 + \count($trial->connect)), because: [new Reason('battery-first')], effects: new Effects(off: [$power, ...$trial->connect]));
        $this->proven = true;

        return $done;
    }

    /** @param list<string> $ids */
    private function names(array $ids): string
    {
        return implode(', ', array_map(fn(string $id): string => $this->request->phone->nameOf($id), $ids));
    }
}
