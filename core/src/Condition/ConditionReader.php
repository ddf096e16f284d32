<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Geometry\Point;

/** Reads the condition as check-in sends it. */
final readonly class ConditionReader
{
    /** @throws Unreadable If anything is wrong; nothing is kept. */
    public function read(mixed $data): Condition
    {
        $faults = new Faults();
        $node = Node::root($data, $faults)->only('observations', 'cracks', 'functions', 'repairSigns', 'takenOut', 'canSwitchOff', 'dataNeeded');
        $functions = [];
        foreach ($node->each('functions', self::functionState(...)) as [$code, $state]) {
            $functions[$code] = $state;
        }
        $condition = new Condition(
            $node->enums('observations', Observation::class),
            $node->each('cracks', self::crack(...)),
            $functions,
            $node->enums('repairSigns', RepairSign::class),
            $node->strings('takenOut'),
            $node->flag('canSwitchOff'),
            $node->flag('dataNeeded'),
        );
        if ($faults->any()) {
            throw Unreadable::because('condition', $faults->all());
        }

        return $condition;
    }

    /** @return array{string, FunctionState} */
    private static function functionState(Node $n): array
    {
        $n->only('function', 'state');

        return [$n->enum('function', PhoneFunction::class)->value, $n->enum('state', FunctionState::class)];
    }

    private static function crack(Node $n): Crack
    {
        $points = $n->only('face', 'points')->each('points', static fn(Node $p): Point => new Point($p->only('x', 'y')->number('x', -5, 320), $p->number('y', -5, 320)));
        if (\count($points) < 2 || \count($points) > 500) {
            $n->fault('points', 'must hold between 2 and 500 points');
        }

        return new Crack($n->enum('face', Face::class), $points);
    }
}
