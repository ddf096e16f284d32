<?php

declare(strict_types=1);

namespace Facelift\Tests\Bench;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\EventType as T;
use Facelift\Tests\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Screws one by one, and that nothing is closed over what is missing. */
final class LedgerTest extends TestCase
{
    use TestTrait;

    public function testASingleScrewComesOutAndIsCountedOnce(): void
    {
        $bench = Runs::of('quillon-vesper', K::DisplayAssembly);
        $bench->workUpTo('unscrew:tail-screws');
        self::assertNull($bench->try(T::Screw, ['step' => 'unscrew:tail-screws', 'number' => 1]));
        $again = $bench->event(T::Screw, ['step' => 'unscrew:tail-screws', 'number' => 1]);
        self::assertSame('screw-counted', $bench->arrive($again)?->reason->code);
        self::assertSame(
            'screw-not-of-this-step',
            $bench->try(T::Screw, ['step' => 'unscrew:tail-screws', 'number' => 3])?->reason->code,
        );
        self::assertSame(
            'no-screws-here',
            $bench->try(T::Screw, ['step' => 'power-off', 'number' => 1])?->reason->code,
        );
        self::assertSame(
            'no-screws-here',
            $bench->try(T::Screw, ['step' => 'unscrew:tail-screws', 'number' => 99])?->reason->code,
        );
        $refusal = $bench->try(T::StepDone, ['step' => 'unscrew:tail-screws']);
        self::assertSame(['screws-not-all', true], [$refusal?->reason->code, $refusal?->mayPass()]);
        self::assertNull($bench->try(T::Screw, ['step' => 'unscrew:tail-screws', 'number' => 2]));
        self::assertNull($bench->try(T::StepDone, ['step' => 'unscrew:tail-screws']));
        self::assertSame(['tail-screws' => 2], $bench->state()->ledger->screws);
    }

    /** @param array<string, string|float|int> $figures */
    #[DataProvider('wrong')]
    public function testAScrewInTheWrongPlaceSaysByHowMuchAndIntoWhat(
        string $step,
        int $number,
        string $code,
        array $figures,
    ): void {
        $bench = Runs::of('quillon-vesper-grand', K::DisplayAssembly);
        $bench->workUpTo($step);
        $refusal = $bench->try(T::Screw, ['step' => $step, 'number' => $number]);
        self::assertSame($code, $refusal?->reason->code);
        self::assertSame($figures, array_intersect_key($refusal->reason->figures, $figures));
    }

    /**
     * @return iterable<string, array{string, int, string, array<string, string|float|int>}> 1–2 tail 3.4; 3–5 short
     *     1.2; 6–7 middle 1.7; 8 long 2.8; 9–10 battery bracket 1.0
     */
    public static function wrong(): iterable
    {
        yield 'the long one in a short hole, 1.5 mm deep' => [
            'screw-in:bracket-short',
            8,
            'screw-goes-into',
            ['past' => 1.3, 'under' => 'main board'],
        ];
        yield 'the middle one in a short hole' => [
            'screw-in:bracket-short',
            6,
            'screw-goes-into',
            ['past' => 0.2, 'under' => 'main board'],
        ];
        yield 'a short one in the middle' => [
            'screw-in:bracket-middle',
            3,
            'screw-too-short',
            ['length' => 1.2, 'wanted' => 1.7],
        ];
        yield 'a tail screw in the long hole' => ['screw-in:bracket-long', 1, 'screw-too-long', ['past' => 0.3]];
    }

    public function testAlikeScrewsMaySwap(): void
    {
        $bench = Runs::of('brasca-fern-5', K::DisplayWithFrame);
        $bench->workUpTo('screw-in:upper-screws');
        $lower = array_values(
            array_filter($bench->plan->mat->places, static fn($s): bool => $s->fastener === 'lower-screws'),
        )[0];
        self::assertNull($bench->try(T::Screw, ['step' => 'screw-in:upper-screws', 'number' => $lower->number]));
    }

    /**
     * Whatever happens in whatever order, with false counts, undoing and leaving out: no path closes a job with
     * something unaccounted for.
     */
    public function testNoPathOfEventsClosesAJobWithSomethingAstray(): void
    {
        $closed = 0;
        $this->limitTo(40)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed) use (&$closed): void {
                $dice = new Dice($seed);
                [$phone, $kind] = $dice->pick([
                    ['quillon-vesper', K::DisplayAssembly],
                    ['brasca-fern-3', K::DisplayWithFrame],
                    ['maruvi-cobnut', K::DigitizerOnly],
                    ['brasca-larch', K::DisplayWithFrame],
                ]);
                $bench = Runs::of($phone, $kind);
                $steps = array_keys($bench->plan->steps);
                \assert($steps !== []);
                $last = $steps[\count($steps) - 1];
                for ($i = 0; $i < 260; ++$i) {
                    $next = $bench->next() ?? $last;
                    $roll = $dice->int(1, 100);
                    match (true) {
                        $roll <= 70 => array_map($bench->arrive(...), $bench->forStep($next)),
                        $roll <= 80 => $bench->try(T::StepDone, ['step' => $dice->pick($steps)]),
                        $roll <= 87 => $bench->try(T::StepDone, [
                            'step' => $next,
                            'count' => $dice->int(0, 9),
                            'reason' => $dice->pick([
                                '',
                                'missing-at-check-in',
                                'lost-and-replaced',
                                'no-hole',
                                'nothing',
                            ]),
                        ]),
                        $roll <= 93 => $bench->try(T::Screw, ['step' => $next, 'number' => $dice->int(1, 20)]),
                        $roll <= 97 => $bench->try(T::Undo, [
                            'event' => $bench->events === [] ? 'none' : $dice->pick($bench->events)->id,
                        ]),
                        default => $bench->try(T::Battery, ['state' => $dice->pick(['in', 'out'])]),
                    };
                    if (isset($bench->state()->done[$last])) {
                        ++$closed;
                        self::assertSame([], $bench->run->astray(), "seed $seed");
                        break;
                    }
                }
            });
        self::assertGreaterThan(8, $closed, 'some of them do get to the end');
    }
}
