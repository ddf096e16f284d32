<?php

declare(strict_types=1);

namespace Facelift\Anatomy\Internal;

use Facelift\Anatomy\Footing;
use Facelift\Anatomy\Median;
use Facelift\Anatomy\Repair;
use Facelift\Anatomy\Rests;
use Facelift\Anatomy\ScrewRange;
use Facelift\Anatomy\TrialOutcome;
use Facelift\Document\Node;

/**
 * Reads what a phone file rests on: only version 2 says it, and a file without it was drawn from the phone.
 *
 * @internal
 */
final readonly class FootingReader
{
    public function read(Node $root): Footing
    {
        $n = $root->optionalNode('footing');
        if ($n === null) {
            return new Footing();
        }
        if ($root->raw('version') !== 2) {
            $root->fault('footing', 'is for version 2');
        }
        $n->only('elements', 'sections', 'screws', 'repairs');
        [$elements, $jobs] = self::rests($n, 'elements');
        [$sections] = self::rests($n, 'sections');

        return new Footing(
            $elements,
            $sections,
            self::screws($n),
            $jobs,
            $n->each('repairs', self::repair(...)),
        );
    }

    /** @return array{array<string, Rests>, array<string, string>} and in which job, by id */
    private static function rests(Node $n, string $key): array
    {
        $all = $jobs = [];
        foreach ($n->each($key, static fn(Node $e): array => [
            $e->only('of', 'rests', 'job')->string('of'),
            $e->enum('rests', Rests::class),
            $e->optionalString('job'),
        ]) as [$id, $what, $job]) {
            $all[$id] = $what;
            if ($job !== null) {
                $jobs[$id] = $job;
            }
        }

        return [$all, $jobs];
    }

    /** @return array<string, ScrewRange> */
    private static function screws(Node $n): array
    {
        $screws = [];
        foreach ($n->each('screws', static fn(Node $s): array => [
            $s->only('of', 'fewest', 'most')->string('of'),
            $s->int('fewest', 0, 40),
            $s->int('most', 0, 40),
        ]) as $i => [$of, $fewest, $most]) {
            if ($most < $fewest) {
                $n->fault("screws[$i].most", 'must not be less than fewest');
            }
            $screws[$of] = new ScrewRange($fewest, $most);
        }

        return $screws;
    }

    private static function repair(Node $n): Repair
    {
        $n->only(
            'job',
            'day',
            'steps',
            'easily',
            'dragged',
            'readings',
            'trial',
            'failed',
        );
        $steps = [];
        foreach ($n->each('steps', static fn(Node $s): array => [
            $s->only('kind', 'times', 'seconds')->string('kind'),
            new Median($s->number('seconds', 0, 86400), $s->int('times', 1, 1000)),
        ]) as [$kind, $took]) {
            $steps[$kind] = $took;
        }

        return new Repair(
            $n->string('job'),
            $n->string('day'),
            $steps,
            $n->int('easily', 0, 1000),
            $n->int('dragged', 0, 1000),
            $n->int('readings', 0, 10000),
            $n->enum('trial', TrialOutcome::class),
            $n->strings('failed'),
        );
    }
}
