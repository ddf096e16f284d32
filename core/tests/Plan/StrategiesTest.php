<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Heat\Source;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\Strategies;
use Facelift\Plan\Strategy;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Which source to take, from plans with each; the order of what counts is common practice, no source. */
final class StrategiesTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testWhatIsSaidOfASourceIsWhatAPlanWithItIs(string $phone, K $kind): void
    {
        $sources = self::sources();
        $all = (new Strategies())->of(self::request($phone, $kind, Source::plate(85)), $sources);
        foreach ($all as $i => $strategy) {
            $plan = (new Planner())->plan(self::request($phone, $kind, $sources[$i][$strategy->tried]));
            self::assertSame($plan->works(), $strategy->works());
        }
        self::assertContains(\count($all), [0, \count($sources)]);
        $best = Strategies::recommended($all);
        self::assertSame($best === null, array_filter($all, static fn(Strategy $s): bool => $s->works()) === []);
        foreach ($all as $strategy) {
            self::assertFalse($best !== null && $strategy->isBetterThan($all[$best]));
        }
    }

    public function testOfTheSettingsOfASourceTheBestIsTaken(): void
    {
        $request = self::request('quillon-vesper', K::DisplayAssembly, Source::plate(85));
        $one = (new Strategies())->of($request, [[Source::plate(40), Source::plate(95), Source::plate(85)]]);
        self::assertSame([1, true], [$one[0]->tried, $one[0]->works()]);
        self::assertLessThan(60.0, $one[0]->battery);
        self::assertGreaterThan($one[0]->hands, $one[0]->elapsed);
    }

    /** @return list<non-empty-list<Source>> */
    private static function sources(): array
    {
        return [
            [Source::plate(85), Source::plate(95)],
            [Source::hotAir(150, 30, 150)],
            [Source::grainBag(0.5, 2.5)],
        ];
    }

    private static function request(string $phone, K $kind, Source $source): Request
    {
        $read = Phones::read($phone);

        return new Request($read, $read->replacement($kind), Condition::observed([]), $source);
    }
}
