<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Hole;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Cut\EdgeOpening;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Reason;
use Facelift\Document\Unreadable;
use Facelift\Fasteners\MatPlace;
use Facelift\Fasteners\ScrewMat;
use Facelift\Fit\OldPanel;
use Facelift\Geometry\Point;
use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;
use Facelift\Plan\Internal\Format\BeadFormat;
use Facelift\Plan\Internal\Format\OpeningFormat;
use Facelift\Plan\Internal\Format\RouteFormat;
use Facelift\Plan\Internal\Format\SealFormat;
use Facelift\Plan\Internal\Format\SourceFormat;
use Facelift\Plan\Internal\Format\StepFormat;
use Facelift\Plan\Internal\Format\StrategyFormat;
use Facelift\Proof\Gate;
use Facelift\Proof\GateTests;
use Facelift\Seal\SealPlan;

/** Reads a plan document, of this version or an earlier one, back into the plan that was written. */
final readonly class PlanReader
{
    /**
     * @param mixed $document decoded JSON
     * @param Phone       $phone  that the plan was made for, in the version that it was made with
     * @param Source|null $source that it was made with, for earlier forms that do not hold it whole
     *
     * @throws Unreadable If it is no plan, or not one of this phone.
     */
    public function read(mixed $document, Phone $phone, ?Source $source = null): Plan
    {
        $faults = new Faults();
        $root = Node::root((new PlanForms())->forward($document, $phone, $source), $faults);
        if ($root->int('version', 1, PlanDocument::VERSION) !== PlanDocument::VERSION) {
            $root->fault('version', 'is not one that can be read');
        }
        $basis = $this->basis($root, $phone);
        $steps = self::keyed($root->each('steps', (new StepFormat())->read(...)), static fn(Step $s): string => $s->id);
        $openings = self::keyed(
            $root->each('openings', (new OpeningFormat())->read(...)),
            static fn(EdgeOpening $o): string => $o->bond,
        );
        $seals = self::keyed(
            $root->each('seals', (new SealFormat())->read(...)),
            static fn(SealPlan $s): string => $s->bond,
        );
        $glass = $root->optionalNode('glass');
        $plan = new Plan(
            $basis,
            (new RouteFormat())->read($root->node('route')),
            $steps,
            new Sealing($openings, $seals, $glass === null ? null : (new BeadFormat())->readGlass($glass)),
            self::keyed($root->each('gates', self::gate(...)), static fn(GateTests $g): string => $g->gate->value),
            new ScrewMat($root->each('screws', self::screw(...))),
            $root->node('summary')->int('changes', 0, 100000),
            new Remarks($root->each('warnings', self::warning(...)), $root->each('customer', Reason::read(...))),
            $root->each('schools', self::school(...)),
            $root->has('strategies') ? $root->each('strategies', (new StrategyFormat())->read(...)) : [],
        );
        $this->known($plan, $root);
        if ($faults->any()) {
            throw Unreadable::because('plan', $faults->all());
        }

        return $plan;
    }

    private function basis(Node $root, Phone $phone): Basis
    {
        $id = $root->node('replacement')->string('id');
        if (!isset($phone->replacements[$id])) {
            $root->fault('replacement.id', \sprintf('"%s" is no part for this phone', $id));
        }
        $name = $root->node('phone')->string('id');
        if ($name !== $phone->identity->id) {
            $root->fault('phone.id', \sprintf('is "%s", not "%s"', $name, $phone->identity->id));
        }

        return new Basis(
            $phone,
            $phone->replacements[$id] ?? array_values($phone->replacements)[0],
            (new SourceFormat())->read($root->node('source')),
            $root->enum('oldPanel', OldPanel::class),
            $root->enum('school', School::class),
            $root->number('room', -20, 60),
            $root->int('picks', 1, 100),
            // Not in plans of before: everything was lifted off and cut.
            new Approach(
                $root->has('hold') && $root->flag('hold'),
                $root->has('preheat') ? (new SourceFormat())->read($root->node('preheat')) : null,
            ),
            $root->optionalNumber('chance', 0.5, 0.99) ?? Usual::CHANCE,
        );
    }

    /** Every step that is waited for, and every move that is named, has to be there. */
    private function known(Plan $plan, Node $root): void
    {
        foreach (array_values($plan->steps) as $i => $step) {
            foreach (array_diff($step->after, array_keys($plan->steps)) as $missing) {
                $root->fault("steps[$i].after", \sprintf('"%s" is no step of this plan', $missing));
            }
            $move = $step->act->move;
            if ($move !== null && !isset($plan->sealing->openings[$move->bond]->moves[$move->index])) {
                $root->fault("steps[$i].move", 'is no move of an opening of this plan');
            }
        }
    }

    private static function gate(Node $n): GateTests
    {
        $functions = $n->each(
            'functions',
            static fn(Node $f): PhoneFunction => $f->enum('function', PhoneFunction::class),
        );

        return new GateTests($n->enum('gate', Gate::class), $functions);
    }

    private static function screw(Node $n): MatPlace
    {
        return new MatPlace(
            $n->string('fastener'),
            $n->int('number', 1, 500),
            new Point($n->number('x', -20, 320), $n->number('y', -20, 320)),
            $n->enum('driver', Driver::class),
            $n->number('length', 0.1, 50),
            new Hole($n->number('holeDepth', 0.1, 50), $n->optionalString('under')),
        );
    }

    private static function warning(Node $n): Warning
    {
        return Warning::of($n->enum('severity', Severity::class), Reason::read($n));
    }

    private static function school(Node $n): SchoolFigures
    {
        return new SchoolFigures(
            $n->enum('school', School::class),
            $n->number('elapsed', 0, 1e7),
            $n->number('handsOn', 0, 1e7),
            $n->int('changes', 0, 100000),
        );
    }

    /**
     * @template T of object
     *
     * @param list<T>             $list
     * @param callable(T): string $key
     *
     * @return array<string, T>
     */
    private static function keyed(array $list, callable $key): array
    {
        return array_combine(array_map($key, $list), $list);
    }
}
