<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\DataTold;
use Facelift\Bench\EventType as T;
use Facelift\Bench\Run;
use Facelift\Document\Reason;
use Facelift\Fit\AfterSwap;
use Facelift\Fit\DataDecision;
use Facelift\Fit\DataWay;
use Facelift\Fit\Sheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What became of the data: the record says what was, whatever had been decided. */
final class DataToldTest extends TestCase
{
    public function testNothingIsToldOfAPhoneWithoutMemory(): void
    {
        $told = new DataTold(Runs::of('brasca-fern-5', K::DisplayAssembly)->run);
        self::assertSame([], [...$told->happened(), ...$told->customer(null)]);
    }

    /** @return iterable<string, array{list<array<string, string>>, list<string>, string}> */
    public static function courses(): iterable
    {
        $kept = ['state' => 'kept'];
        $ended = static fn(string $how): array => ['state' => 'ended', 'ending' => $how];
        yield 'nothing yet' => [[], ['told-data-not-read'], 'customer-function-lost'];
        yield 'copied' => [
            [$kept, $ended('copied')],
            ['told-data-kept', 'transfer-ended-copied'],
            'customer-function-kept',
        ];
        yield 'protected' => [
            [$kept, $ended('protected')],
            ['told-data-kept', 'transfer-ended-protected'],
            'customer-function-lost',
        ];
        yield 'given up' => [
            [['state' => 'given-up', 'why' => 'no contact after three tries']],
            ['told-data-given-up'],
            'customer-function-lost',
        ];
        yield 'given up too early' => [
            [['state' => 'given-up', 'why' => 'no contact after three tries'], $kept, $ended('held-already')],
            ['told-data-kept', 'transfer-ended-held-already'],
            'customer-function-kept',
        ];
    }

    /**
     * @param list<array<string, string>> $events
     * @param list<string>                $happened
     */
    #[DataProvider('courses')]
    public function testWhatIsTold(array $events, array $happened, string $heard): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $run = $bench->run;
        foreach ($events as $data) {
            $run = $run->with($bench->event(T::Data, $data));
        }
        $told = new DataTold($run);
        self::assertSame($happened, self::codes($told->happened()));
        $hears = self::codes($told->customer(self::decided($run, DataWay::Copy)));
        self::assertContains($heard, $hears);
        self::assertContains('customer-notice-days', $hears, 'the notice is there either way');
        $left = self::codes($told->customer(self::decided($run, DataWay::Leave)));
        self::assertContains('customer-function-lost', $left, 'as it was decided');
    }

    private static function decided(Run $run, DataWay $way): DataDecision
    {
        $swap = AfterSwap::of($run->plan->basis->phone->panel, K::DisplayAssembly, new Sheet(memory: true));

        return new DataDecision($swap->by($way) ?? throw new \LogicException('no such way'), 'M. Ansel');
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<string>
     */
    private static function codes(array $reasons): array
    {
        return array_map(static fn(Reason $r): string => $r->code, $reasons);
    }
}
