<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;
use Facelift\Document\Node;
use Facelift\Document\Reason;
use Facelift\Plan\Act;
use Facelift\Plan\BatteryRule;
use Facelift\Plan\Hazard;
use Facelift\Plan\Manner;
use Facelift\Plan\MoveOf;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warmth;
use Facelift\Proof\Gate;

/**
 * A step in a plan document.
 *
 * @internal
 */
final readonly class StepFormat
{
    /** @return array<string, mixed> */
    public function write(Step $step): array
    {
        return [
            'id' => $step->id,
            'phase' => $step->phase->value,
            ...self::act($step->act),
            ...self::manner($step->manner),
            'because' => Maps::reasons($step->because),
            'after' => $step->after,
            'effects' => (new EffectsFormat())->write($step->effects),
        ];
    }

    public function read(Node $n): Step
    {
        return new Step(
            $n->string('id'),
            $n->enum('phase', Phase::class),
            self::readAct($n),
            self::readManner($n),
            $n->each('because', Reason::read(...)),
            $n->strings('after'),
            (new EffectsFormat())->read($n->node('effects')),
        );
    }

    /** @return array<string, mixed> */
    private static function act(Act $act): array
    {
        return [
            'kind' => $act->kind->value,
            'subjects' => $act->subjects,
            'figures' => Maps::of($act->figures),
            'gate' => $act->gate?->value,
            'move' => $act->move === null ? null : ['bond' => $act->move->bond, 'index' => $act->move->index],
            'notes' => Maps::reasons($act->notes),
        ];
    }

    private static function readAct(Node $n): Act
    {
        $move = $n->optionalNode('move');

        return new Act(
            $n->enum('kind', StepKind::class),
            $n->strings('subjects'),
            $n->figures('figures'),
            $n->optionalEnum('gate', Gate::class),
            $move === null ? null : new MoveOf($move->string('bond'), $move->int('index', 0, 10000)),
            $n->each('notes', Reason::read(...)),
        );
    }

    /** @return array<string, mixed> */
    private static function manner(Manner $manner): array
    {
        return [
            'face' => $manner->face->value,
            'tool' => $manner->tool?->value,
            'hands' => $manner->hands,
            'wait' => $manner->wait,
            'hazards' => array_map(static fn(Hazard $h): string => $h->value, $manner->hazards),
            'warmth' => $manner->warmth->value,
            'battery' => $manner->battery->value,
        ] + ($manner->attended ? ['attended' => true] : [])
            + ($manner->times === null ? [] : ['times' => $manner->times]);
    }

    private static function readManner(Node $n): Manner
    {
        return new Manner(
            $n->enum('face', Face::class),
            $n->optionalEnum('tool', Tool::class),
            $n->number('hands', 0, 1e6),
            $n->number('wait', 0, 1e6),
            $n->enums('hazards', Hazard::class),
            $n->enum('warmth', Warmth::class),
            $n->enum('battery', BatteryRule::class),
            $n->has('attended'),
            $n->optionalNumber('times', 0.1, 10),
        );
    }
}
