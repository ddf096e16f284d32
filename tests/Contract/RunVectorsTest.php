<?php

declare(strict_types=1);

namespace Tests\Contract;

use App\Http\Bench\BenchStateResource;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Bench\Run;
use Facelift\Tests\Bench\Vectors;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The server folds the kept runs to the states beside them; tests/page/bench/vectors.test.ts holds the page to the
 * same.
 */
final class RunVectorsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kept(): iterable
    {
        $files = glob(dirname(__DIR__, 2) . '/contract/runs/*.json');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('kept')]
    public function testTheServerFoldsAKeptRunToTheStatesBesideIt(string $file): void
    {
        $kept = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
        assert(
            is_array($kept)
                && is_string($kept['phone'])
                && is_string($kept['kind'])
                && is_array($kept['events'])
                && is_array($kept['states']),
        );
        $plan = Phones::plan($kept['phone'], ReplacementKind::from($kept['kind']));
        self::assertSame(
            $kept['steps'],
            self::plain(Vectors::steps($plan)),
            'the plan has changed: php bin/runs.php writes the runs anew',
        );
        self::assertGreaterThan(10, count($kept['events']));
        $events = array_values(array_map(self::event(...), $kept['events']));
        $run = Run::of($plan, []);
        self::assertSame($kept['states'][0], self::plain(BenchStateResource::plain($run)));
        foreach ($events as $i => $event) {
            $run = $run->with($event);
            self::assertSame(
                $kept['states'][$i + 1],
                self::plain(BenchStateResource::plain($run)),
                "after event $i, $event->id",
            );
        }
        self::assertSame(
            self::plain(BenchStateResource::plain($run)),
            self::plain(BenchStateResource::plain(Run::of($plan, array_reverse($events)))),
        );
    }

    public function testEveryKindOfEventIsInThem(): void
    {
        $seen = [];
        foreach (Vectors::made() as [, , $events]) {
            array_push($seen, ...array_map(static fn(Event $e): string => $e->type->value, $events));
        }
        self::assertEqualsCanonicalizing(
            [],
            array_diff(array_column(EventType::cases(), 'value'), $seen, [EventType::Trouble->value]),
        );
    }

    private static function event(mixed $e): Event
    {
        assert(
            is_array($e) && is_string($e['id']) && is_string($e['type']) && is_int($e['at']) && is_array($e['data']),
        );
        /** @var array<string, string|int> $data */
        $data = $e['data'];

        return new Event($e['id'], EventType::from($e['type']), $e['at'], $data);
    }

    private static function plain(mixed $value): mixed
    {
        return json_decode(
            json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }
}
