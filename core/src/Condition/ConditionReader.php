<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Geometry\Point;

/** Reads the condition as check-in sends it, within the bounds of its schema. */
final readonly class ConditionReader
{
    public const MOST_MARKS = 60;
    /** Of all marks together, some 400 mm of finely drawn cracks. */
    public const MOST_POINTS = 6_000;
    public const MOST_TAKEN_OUT = 40;
    /** Characters of a part's id. */
    public const LONGEST_ID = 100;

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
        $this->bounds($condition, $node);
        $node->once('functions', 'function');
        $node->once('checks', 'check');
        if ($faults->any()) {
            throw Unreadable::because('condition', $faults->all());
        }

        return $condition;
    }

    private function bounds(Condition $condition, Node $node): void
    {
        foreach (['observations', 'repairSigns', 'takenOut'] as $set) {
            $node->once($set);
        }
        if (\count($condition->marks) > self::MOST_MARKS) {
            $node->fault('marks', \sprintf('must hold at most %d marks', self::MOST_MARKS));
        }
        $points = array_sum(array_map(static fn(Mark $m): int => \count($m->points), $condition->marks));
        if ($points > self::MOST_POINTS) {
            $node->fault('marks', \sprintf('must hold at most %d points together', self::MOST_POINTS));
        }
        if (\count($condition->takenOut) > self::MOST_TAKEN_OUT) {
            $node->fault('takenOut', \sprintf('must hold at most %d parts', self::MOST_TAKEN_OUT));
        }
        foreach ($condition->takenOut as $i => $id) {
            if (mb_strlen($id) > self::LONGEST_ID) {
                $node->fault("takenOut[$i]", \sprintf('must have at most %d characters', self::LONGEST_ID));
            }
        }
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
