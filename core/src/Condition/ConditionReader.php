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
        $node = Node::root($data, $faults)->only(
            'observations',
            'marks',
            'functions',
            'repairSigns',
            'takenOut',
            'canSwitchOff',
            'dataNeeded',
            'checks',
            'payer',
        );
        $functions = [];
        foreach ($node->each('functions', self::functionState(...)) as [$code, $state]) {
            $functions[$code] = $state;
        }
        $condition = new Condition(
            $node->enums('observations', Observation::class),
            $node->each('marks', self::mark(...)),
            $functions,
            $node->enums('repairSigns', RepairSign::class),
            $node->strings('takenOut'),
            $node->flag('canSwitchOff'),
            $node->flag('dataNeeded'),
            $node->each('checks', self::check(...)),
            $node->optionalEnum('payer', Payer::class) ?? Payer::Customer,
        );
        $names = array_map(static fn(CheckResult $c): string => $c->check->value, $condition->checks);
        if ($names !== array_unique($names)) {
            $node->fault('checks', 'must hold each check once');
        }
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

    private static function mark(Node $n): Mark
    {
        $kind = $n->only('kind', 'face', 'points')->enum('kind', MarkKind::class);
        $points = $n->each(
            'points',
            static fn(Node $p): Point => new Point($p->only('x', 'y')->number('x', -5, 320), $p->number('y', -5, 320)),
        );
        if ($points === [] || \count($points) < $kind->fewestPoints() || \count($points) > 500) {
            $n->fault('points', \sprintf('must hold between %d and 500 points', $kind->fewestPoints()));
            $points = [new Point(0, 0), new Point(0, 0)];
        }

        return new Mark($kind, $n->enum('face', Face::class), $points);
    }

    private static function check(Node $n): CheckResult
    {
        $check = $n->only('check', 'result')->enum('check', Check::class);
        $result = $n->string('result');
        if (!\in_array($result, $check->results(), true)) {
            $n->fault('result', 'must be one of ' . implode(', ', $check->results()));
        }

        return new CheckResult($check, $result);
    }
}
