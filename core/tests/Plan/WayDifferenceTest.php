<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Plan\WayDifference;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class WayDifferenceTest extends TestCase
{
    private const OTHER = [
        'way-opens' => 'way-opens-not',
        'way-opens-not' => 'way-opens',
        'way-moves' => 'way-moves-not',
        'way-moves-not' => 'way-moves',
        'way-touches-paired' => 'way-touches-paired-not',
        'way-touches-paired-not' => 'way-touches-paired',
        'way-more-screws' => 'way-fewer-screws',
        'way-fewer-screws' => 'way-more-screws',
        'way-more-removals' => 'way-fewer-removals',
        'way-fewer-removals' => 'way-more-removals',
        'way-can-be-tried' => 'way-cannot-be-tried',
        'way-cannot-be-tried' => 'way-can-be-tried',
    ];

    public function testTheTwoWaysOfTheFernInWords(): void
    {
        $with = $this->said('brasca-fern-5', K::DisplayWithFrame, K::DisplayAssembly);
        self::assertSame('Display tape', $with['way-opens-not'] ?? null, 'the display comes bonded');
        self::assertStringContainsString('Main board', $with['way-moves'] ?? '');
        self::assertArrayHasKey('way-more-removals', $with);
        $without = $this->said('brasca-fern-5', K::DisplayAssembly, K::DisplayWithFrame);
        self::assertSame('Display tape', $without['way-opens'] ?? null);
        self::assertSame($with['way-moves'] ?? '', $without['way-moves-not'] ?? null);
        self::assertSame($with['way-more-removals'], $without['way-fewer-removals'] ?? null);
    }

    public function testAWayDiffersFromItselfInNothing(): void
    {
        foreach (Phones::jobs() as [$phone, $kind]) {
            self::assertSame([], $this->said($phone, $kind, $kind));
        }
    }

    /** Whatever one way has more, the other has less: for every pair of kinds of every shipped phone. */
    public function testTheDifferenceIsTheSameSeenFromBothSides(): void
    {
        $pairs = 0;
        foreach (Phones::ids() as $id) {
            $kinds = array_values(array_map(static fn($r): K => $r->kind, Phones::read($id)->replacements));
            for ($i = 1; $i < \count($kinds); ++$i) {
                $here = $this->said($id, $kinds[$i], $kinds[0]);
                $there = $this->said($id, $kinds[0], $kinds[$i]);
                foreach ($here as $code => $figures) {
                    self::assertSame($figures, $there[self::OTHER[$code]] ?? null, "$id $code");
                }
                self::assertSameSize($here, $there);
                ++$pairs;
            }
        }
        self::assertGreaterThan(8, $pairs);
    }


    /** @return array<string, string> figures by code */
    private function said(string $phone, K $kind, K $beside): array
    {
        $said = [];
        foreach (
            (new WayDifference())->between(Phones::plan($phone, $kind), Phones::plan($phone, $beside)) as $reason
        ) {
            $said[$reason->code] = implode(' ', $reason->figures);
        }

        return $said;
    }
}
