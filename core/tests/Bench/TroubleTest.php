<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Amendment;
use Facelift\Bench\Consequence;
use Facelift\Bench\EventType as T;
use Facelift\Bench\Trouble;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What follows when something goes wrong. Common practice, no source. */
final class TroubleTest extends TestCase
{
    /** @param list<string> $codes */
    #[DataProvider('troubles')]
    public function testWhatFollows(
        string $phone,
        K $kind,
        string $step,
        Trouble $trouble,
        string $subject,
        array $codes,
        bool $stops,
        bool $quote,
        ?string $part,
    ): void {
        $found = self::aftermath($phone, $kind)->at($step, $trouble->value, $subject);
        self::assertNotNull($found);
        self::assertSame($codes, array_map(static fn($r): string => $r->code, $found->because));
        self::assertSame([$stops, $quote, $part], [$found->stops, $found->quote, $found->part]);
    }

    /** @return iterable<string, array{string, K, string, Trouble, string, list<string>, bool, bool, string|null}> */
    public static function troubles(): iterable
    {
        $vesper = ['quillon-vesper', K::DisplayAssembly];
        yield 'a stripped screw is drawn' => [
            ...$vesper,
            'unscrew:tail-screws',
            Trouble::ScrewStripped,
            'tail-screws',
            ['stripped-is-drawn'],
            false,
            false,
            null,
        ];
        yield 'a paired flex torn is lost for good' => [
            ...$vesper,
            'part-bond:sensor-glue',
            Trouble::FlexTorn,
            'earpiece-flex',
            ['paired-function-lost', 'part-is-ordered', 'quote-no-longer-holds'],
            false,
            true,
            'earpiece-flex',
        ];
        yield 'the old display may go' => [
            ...$vesper,
            'cut-pass:seal',
            Trouble::Delamination,
            'display',
            ['old-panel-is-lost'],
            false,
            false,
            null,
        ];
        yield 'a new display that is dead goes back' => [
            ...$vesper,
            'gate:trial',
            Trouble::PartDead,
            'display',
            ['new-part-goes-back'],
            true,
            false,
            null,
        ];
        yield 'a connector means a look at the board' => [
            ...$vesper,
            'unplug:display-plug',
            Trouble::ConnectorDamaged,
            'display-plug',
            ['board-work-needed', 'quote-no-longer-holds'],
            true,
            true,
            null,
        ];
        yield 'a bent cell stops everything' => [
            'brasca-fern-3',
            K::DisplayWithFrame,
            'part-bond:battery-glue',
            Trouble::CellBent,
            'battery',
            ['cell-is-isolated', 'part-is-ordered', 'quote-no-longer-holds'],
            true,
            true,
            'battery',
        ];
    }

    public function testOnlyWhatBelongsToAStepIsOffered(): void
    {
        $after = self::aftermath('quillon-vesper', K::DisplayAssembly);
        self::assertSame([], $after->possible('power-off'));
        self::assertSame([], $after->possible('no-such-step'));
        self::assertNull($after->at('unscrew:tail-screws', 'cell-bent', 'battery'));
        self::assertNull($after->at('unscrew:tail-screws', 'dance', 'tail-screws'));
        self::assertSame(
            ['screw-stripped', 'screw-lost'],
            array_map(static fn(Consequence $c): string => $c->trouble->value, $after->possible('unscrew:tail-screws')),
        );
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testWhateverHappensWhereverThePlanStaysWorkable(string $phone, K $kind): void
    {
        $plan = Runs::of($phone, $kind)->plan;
        $tried = 0;
        foreach (array_keys($plan->steps) as $i => $id) {
            $possible = (new Aftermath($plan))->possible($id);
            if ($possible === [] || $i % 7 !== 3) {
                continue;
            }
            $bench = Runs::of($phone, $kind);
            $bench->workUpTo($id);
            foreach ($possible as $consequence) {
                ++$tried;
                $after = $bench->under((new Amendment($bench->run))->of($consequence));
                $done = array_keys($bench->state()->done);
                self::assertSame(
                    $done,
                    array_values(array_intersect(array_keys($after->plan->steps), $done)),
                    'what is done stays as it was',
                );
                $after->workUpTo(null);
                self::assertNull($after->next(), "$id {$consequence->trouble->value} $consequence->subject");
                self::assertSame([], $after->run->astray());
                if ($consequence->now !== []) {
                    $first = array_values($after->plan->steps)[\count($done)];
                    self::assertSame(
                        [$consequence->now[0]->kind(), true],
                        [$first->kind(), $first->isAbout($consequence->subject)],
                        'it comes first of all that is left',
                    );
                }
                if ($consequence->part !== null) {
                    self::assertCount(
                        1,
                        array_filter(
                            $after->plan->steps,
                            static fn(Step $s): bool => $s->kind() === StepKind::AwaitPart
                                && $s->isAbout($consequence->part),
                        ),
                    );
                }
            }
        }
        self::assertGreaterThanOrEqual(3, $tried);
    }

    public function testNothingElseIsDoneBeforeABentCellIsIsolated(): void
    {
        $bench = Runs::of('brasca-fern-3', K::DisplayWithFrame);
        $bench->workUpTo('lift-part:battery');
        $bent = self::aftermath('brasca-fern-3', K::DisplayWithFrame)->at('lift-part:battery', 'cell-bent', 'battery');
        self::assertNotNull($bent);
        $after = $bench->under((new Amendment($bench->run))->of($bent));
        self::assertSame('waits-for', $after->try(T::StepDone, ['step' => 'lift-part:battery'])?->reason->code);
        self::assertNull($after->try(T::StepDone, ['step' => 'isolate-cell:battery']));
        self::assertNull($after->try(T::StepDone, ['step' => 'lift-part:battery']));
        $after->workUpTo('await-part:battery');
        self::assertSame('waits-for', $after->try(T::StepDone, ['step' => 'fit-part:battery'])?->reason->code);
    }

    public function testATroubleIsNoBareEvent(): void
    {
        self::assertSame(
            'trouble-on-its-own',
            Runs::of('quillon-vesper', K::DisplayAssembly)->try(T::Trouble, ['step' => 'power-off'])?->reason->code,
        );
    }

    private static function aftermath(string $phone, K $kind): Aftermath
    {
        return new Aftermath(Runs::of($phone, $kind)->plan);
    }
}
