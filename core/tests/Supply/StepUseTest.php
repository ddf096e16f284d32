<?php

declare(strict_types=1);

namespace Facelift\Tests\Supply;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Plan\StepKind;
use Facelift\Plan\Uses;
use Facelift\Seal\InnerSeal;
use Facelift\Seal\StockLength;
use Facelift\Supply\StepUse;
use Facelift\Supply\SupplyKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What the bench books out step by step, against what the price of the same plan reckons with. */
final class StepUseTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testTheBenchBooksWhatThePriceReckonsWith(string $phone, K $kind): void
    {
        $plan = Phones::plan($phone, $kind);
        $mm = $ml = $pulled = 0.0;
        foreach ($plan->steps as $step) {
            $use = StepUse::of($plan, $step);
            $mm += array_sum(array_map(static fn(StockLength $s): float => $s->all(), $use->tape));
            $ml += $use->supplies[SupplyKind::Glue->value] ?? 0.0;
            if ($step->kind() === StepKind::RenewBond) {
                $bond = $plan->basis->phone->bonds[$step->act->subjects[0]];
                $inner = InnerSeal::of($plan->basis->phone, $bond);
                // Pull tabs are paid as tape, and come cut, from no roll.
                $pulled += $inner?->pullTab === true ? $inner->tape() : 0.0;
            }
        }
        $reckoned = Uses::of($plan);
        self::assertEqualsWithDelta($reckoned->metres, ($mm + $pulled) / 1000, 0.001);
        self::assertEqualsWithDelta($reckoned->ml, $ml, 0.001);
    }

    public function testAPassWearsWhatItIsCutWith(): void
    {
        $plan = Phones::plan('quillon-vesper', K::DisplayAssembly);
        $worn = [];
        foreach ($plan->steps as $step) {
            $use = StepUse::of($plan, $step)->supplies;
            if ($step->kind() !== StepKind::CutPass && $step->kind() !== StepKind::FirstGap) {
                self::assertArrayNotHasKey(SupplyKind::Pick->value, $use);
                self::assertArrayNotHasKey(SupplyKind::Blade->value, $use);
            } elseif ($use !== []) {
                $worn[] = $use;
            }
        }
        self::assertNotSame([], $worn);
        self::assertContains(['blade' => 0.125], $worn);
    }
}
