<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Heat\Source;
use Facelift\Heat\SourceKind;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\Warning;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The joint between adviser and plan: what is advised can be planned, and what is refused cannot. */
#[Group('long')]
final class AdviceIsPlannedTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testWhatIsAdvisedWorksAndWhatIsRefusedDoesNot(string $phone, K $kind): void
    {
        $cold = self::plan($phone, $kind, Source::plate(40));
        if ($cold->works()) {
            self::assertSame([], $cold->sealing->openings, 'nothing is heated at all');

            return;
        }
        $codes = [];
        foreach ($cold->remarks->warnings as $warning) {
            $codes[] = $warning->reason->code;
            $this->advised($phone, $kind, $warning);
        }
        if (!\in_array('heat-would-work', $codes, true)) {
            foreach ([60.0, 70.0, 75.0, 80.0, 85.0, 90.0, 95.0, 100.0, 105.0, 110.0, 120.0] as $set) {
                self::assertFalse(self::plan($phone, $kind, Source::plate($set))->works(), "$set was refused");
            }
        }
        self::assertNotSame([], $codes);
    }

    private function advised(string $phone, K $kind, Warning $warning): void
    {
        $figures = $warning->reason->figures;
        if ($warning->reason->code === 'heat-would-work') {
            $plan = self::plan($phone, $kind, Source::plate((float) $figures['set']));
            self::assertTrue($plan->works(), "plate at {$figures['set']}");
            $first = array_map(
                static fn($o): int => (int) round($o->firstHeating()->seconds ?? 0.0),
                array_values($plan->sealing->openings),
            );
            self::assertContains((int) $figures['seconds'], $first);
        }
        if ($warning->reason->code === 'heat-other-works' && $figures['source'] === SourceKind::HotAir->value) {
            $air = Source::hotAir(120, 30, 150)->at((float) $figures['set']);
            self::assertTrue(self::plan($phone, $kind, $air)->works(), "air at {$figures['set']}");
        }
    }

    private static function plan(string $phone, K $kind, Source $source): Plan
    {
        $read = Phones::read($phone);
        $request = new Request($read, $read->replacement($kind), Condition::observed([]), $source);

        return (new Planner())->plan($request);
    }
}
