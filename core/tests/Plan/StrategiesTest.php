<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Cut\Pass;
use Facelift\Heat\Source;
use Facelift\Plan\Means;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\Strategies;
use Facelift\Plan\Strategy;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Which source to take, from plans with each; the order of what counts is common practice, no source. */
#[Group('long')]
final class StrategiesTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testWhatIsSaidOfASourceIsWhatAPlanWithItIs(string $phone, K $kind): void
    {
        $request = self::request($phone, $kind);
        $all = (new Strategies())->of($request, self::means());
        self::assertContains(\count($all), [0, \count(self::means()->sources)]);
        $best = Strategies::recommended($all);
        self::assertSame($best === null, array_filter($all, static fn(Strategy $s): bool => $s->works()) === []);
        $blocked = 0;
        foreach ($all as $strategy) {
            self::assertFalse($best !== null && $strategy->isBetterThan($all[$best]));
            // A plan that is blocked looks for what would do, which takes long: one of them is enough.
            $blocked += $strategy->works() ? 0 : 1;
            if ($blocked > 1) {
                continue;
            }
            $plan = (new Planner())->plan($request->heatedBy($strategy->source, $strategy->approach));
            self::assertSame($plan->works(), $strategy->works());
        }
    }

    /** Six heatings within nine minutes are practice on a phone with very strong glue (common practice, no source). */
    public function testThePhoneWithStrongGlueIsOpenedAsPracticeDoesIt(): void
    {
        $request = self::request('maruvi-sorrel', K::DisplayAssembly);
        $all = (new Strategies())->of($request, self::means());
        $best = $all[Strategies::recommended($all) ?? self::fail('no source opens it')];
        self::assertLessThanOrEqual(7, $best->heatings);
        self::assertLessThan(720.0, $best->hands);
        $plan = (new Planner())->plan($request->heatedBy($best->source, $best->approach));
        foreach ($plan->sealing->openings['bezel-glue']->moves as $move) {
            self::assertTrue(!$move instanceof Pass || $move->chance >= 0.8);
        }
    }

    public function testAShopThatCannotHoldTheGunIsNotToldTo(): void
    {
        $request = self::request('maruvi-sorrel', K::DisplayAssembly);
        foreach ((new Strategies())->of($request, new Means(self::means()->sources, false)) as $strategy) {
            self::assertFalse($strategy->approach->held);
        }
    }

    public function testOfTheSettingsOfASourceTheBestIsTaken(): void
    {
        $request = self::request('quillon-vesper', K::DisplayAssembly);
        $plates = [Source::plate(40), Source::plate(95), Source::plate(85)];
        $one = (new Strategies())->of($request, new Means([$plates], true));
        self::assertSame([1, true], [$one[0]->tried, $one[0]->works()]);
        self::assertSame($plates[1], $one[0]->source);
        self::assertLessThan(60.0, $one[0]->worst?->battery);
        self::assertGreaterThan($one[0]->hands, $one[0]->elapsed);
    }

    public function testASourceThatNeverMakesABondPartIsSaidToBeTooCold(): void
    {
        $request = self::request('quillon-vesper', K::DisplayAssembly);
        $one = (new Strategies())->of($request, new Means([[Source::plate(45)]], true));
        self::assertSame([false, null], [$one[0]->works(), $one[0]->battery]);
    }

    private static function means(): Means
    {
        return new Means([
            [Source::plate(85), Source::plate(95)],
            [Source::hotAir(150, 30, 150), Source::hotAir(150, 30, 100)],
            [Source::grainBag(0.5, 2.5)],
        ], true);
    }

    private static function request(string $phone, K $kind): Request
    {
        $read = Phones::read($phone);

        return new Request($read, $read->replacement($kind), Condition::observed([]), Source::plate(85));
    }
}
