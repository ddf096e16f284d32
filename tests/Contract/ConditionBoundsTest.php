<?php

declare(strict_types=1);

namespace Tests\Contract;

use Facelift\Condition\ConditionReader;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Feature\Technician;
use Tests\Schemas;

/** What check-in sends has the same bounds in its schema and in the reader: at a bound both take it, beyond neither. */
final class ConditionBoundsTest extends TestCase
{
    /** @return array<string, array{array<string, mixed>, bool, string}> what is changed, if it is taken, where not */
    public static function bounds(): array
    {
        $mark = static fn(int $points): array => [
            'kind' => 'crack', 'face' => 'front', 'points' => array_fill(0, $points, ['x' => 1.5, 'y' => 2]),
        ];
        $at = static fn(float $x, float $y): array => [
            'marks' => [['kind' => 'spot', 'face' => 'back', 'points' => [['x' => $x, 'y' => $y]]]],
        ];
        $ids = static fn(int $n): array => [
            'takenOut' => array_map(static fn(int $i): string => "part-$i", range(1, $n)),
        ];

        return [
            '60 marks' => [['marks' => array_fill(0, 60, $mark(2))], true, ''],
            '61 marks' => [['marks' => array_fill(0, 61, $mark(2))], false, 'marks'],
            '500 points' => [['marks' => [$mark(500)]], true, ''],
            '501 points' => [['marks' => [$mark(501)]], false, 'marks[0].points'],
            'no point' => [['marks' => [$mark(0)]], false, 'marks[0].points'],
            'at the edge' => [$at(-5, 320), true, ''],
            'left of it' => [$at(-5.1, 0), false, 'marks[0].points[0].x'],
            'below it' => [$at(0, 320.1), false, 'marks[0].points[0].y'],
            '40 parts out' => [$ids(40), true, ''],
            '41 parts out' => [$ids(41), false, 'takenOut'],
            'a long id' => [['takenOut' => [str_repeat('é', 100)]], true, ''],
            'too long an id' => [['takenOut' => [str_repeat('é', 101)]], false, 'takenOut[0]'],
            'an empty id' => [['takenOut' => ['']], false, 'takenOut[0]'],
            'a part twice' => [['takenOut' => ['case', 'case']], false, 'takenOut'],
            'seen twice' => [['observations' => ['lines', 'lines']], false, 'observations'],
            'a sign twice' => [['repairSigns' => ['liquid-glue', 'liquid-glue']], false, 'repairSigns'],
            'a figure for a list' => [['takenOut' => ['a' => 'case']], false, 'takenOut'],
        ];
    }

    /** @param array<string, mixed> $changed */
    #[DataProvider('bounds')]
    public function testSchemaAndReaderAgree(array $changed, bool $taken, string $where): void
    {
        $condition = $changed + Technician::condition([]);
        self::assertSame($taken, Schemas::faults($condition, 'schemas/condition.schema.json') === [], 'the schema');
        try {
            (new ConditionReader())->read($condition);
            self::assertTrue($taken, 'the reader takes it');
        } catch (Unreadable $e) {
            self::assertFalse($taken, 'the reader: ' . $e->getMessage());
            self::assertContains($where, array_map(static fn(Fault $f): string => $f->path, $e->faults));
        }
    }

    /** What a schema cannot say, the reader holds by itself. */
    public function testPointsTogetherAndEachOnce(): void
    {
        $mark = ['kind' => 'crack', 'face' => 'front', 'points' => array_fill(0, 500, ['x' => 1, 'y' => 2])];
        $twice = [['function' => 'image', 'state' => 'works'], ['function' => 'image', 'state' => 'fails']];
        $checks = [['check' => 'torch', 'result' => 'nothing'], ['check' => 'torch', 'result' => 'faint-picture']];
        $wrong = [
            'marks' => ['marks' => array_fill(0, 13, $mark)],
            'functions' => ['functions' => $twice],
            'checks' => ['checks' => $checks],
        ];
        (new ConditionReader())->read(['marks' => array_fill(0, 12, $mark)] + Technician::condition([]));
        foreach ($wrong as $where => $changed) {
            try {
                (new ConditionReader())->read($changed + Technician::condition([]));
                self::fail("$where is taken");
            } catch (Unreadable $e) {
                self::assertSame([$where], array_map(static fn(Fault $f): string => $f->path, $e->faults));
            }
        }
    }
}
