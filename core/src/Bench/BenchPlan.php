<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;

/** The part of a plan document that a run is checked against. */
final readonly class BenchPlan
{
    /**
     * @param array<string, BenchStep>    $steps in order
     * @param array<string, list<string>> $gates functions to test by gate
     * @param string                      $power id of the battery's connector
     * @param array<int, MatScrew>        $screws by their number on the mat
     * @param list<string>                $discarded parts that stay with the old part
     */
    private function __construct(public array $steps, public array $gates, public string $power, public array $screws, public array $discarded) {}

    /**
     * @param mixed $document a plan document
     *
     * @throws Unreadable If the document is not a plan.
     */
    public static function of(mixed $document, string $power): self
    {
        $faults = new Faults();
        $root = Node::root($document, $faults);
        $steps = [];
        foreach ($root->each('steps', self::step(...)) as $step) {
            $steps[$step->id] = $step;
        }
        $gates = [];
        foreach ($root->each('gates', static fn(Node $n): array => [$n->string('gate'), $n->each('functions', static fn(Node $f): string => $f->string('function'))]) as [$gate, $functions]) {
            $gates[$gate] = $functions;
        }
        $screws = [];
        foreach ($root->each('screws', self::screw(...)) as $screw) {
            $screws[$screw->number] = $screw;
        }
        $discarded = $root->node('route')->strings('discarded');
        if ($faults->any()) {
            throw Unreadable::because('plan', $faults->all());
        }

        return new self($steps, $gates, $power, $screws, $discarded);
    }

    private static function screw(Node $n): MatScrew
    {
        return new MatScrew($n->int('number', 1, 500), $n->string('fastener'), $n->string('driver'), $n->number('length', 0.1, 50), $n->number('holeDepth', 0.1, 50), $n->optionalString('under'));
    }

    private static function step(Node $n): BenchStep
    {
        $e = $n->node('effects');

        return new BenchStep(
            $n->string('id'),
            $n->string('phase'),
            $n->string('kind'),
            $n->strings('after'),
            $n->number('wait', 0, 1e6),
            $n->optionalString('gate'),
            $e->counts('screwsOut'),
            $e->counts('screwsIn'),
            $e->strings('off'),
            $e->strings('on'),
            $e->strings('out'),
            $e->strings('in'),
            $e->strings('puts'),
            $e->strings('takes'),
            $e->optionalString('wets'),
            $e->optionalString('dries'),
            array_intersect(['hot-plate', 'hot-air'], $n->strings('cautions')) !== [],
            $n->node('figures')->optionalString('passive') === 'yes',
        );
    }
}
