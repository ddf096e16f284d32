<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;
use Facelift\Condition\Observation as Seen;
use Facelift\Diagnosis\Diagnostician;
use Facelift\Document\Reason;
use Facelift\Plan\ScopeAdvice;
use Facelift\Quantity\Money;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class ScopeAdviceTest extends TestCase
{
    public function testABentFrameAsksForANewOne(): void
    {
        $advice = $this->weigh('brasca-fern-5', [Seen::Lines, Seen::FrameBent]);
        self::assertSame([false, true], $advice['suits']);
        self::assertSame(1, $advice['recommended']);
    }

    public function testOtherwiseTheLeastHandsOnTimeIsRecommended(): void
    {
        $advice = $this->weigh('quillon-vesper', [Seen::CrackedGlass]);
        self::assertSame([false, true, true], $advice['suits'], 'nobody has seen whether picture and touch are whole');
        $plans = [
            Phones::plan('quillon-vesper', K::DisplayAssembly),
            Phones::plan('quillon-vesper', K::DisplayWithSmallParts),
        ];
        self::assertSame($plans[0]->handsOn() <= $plans[1]->handsOn() ? 1 : 2, $advice['recommended']);
    }

    public function testTheCheapestIsRecommendedUnlessTheRecordDoesNotBearItOut(): void
    {
        $condition = new Condition(
            [Seen::CrackedGlass],
            [],
            ['image' => FunctionState::Works, 'touch' => FunctionState::Works],
            [],
            [],
            true,
            false,
        );
        $plans = array_map(
            static fn($r) => Phones::plan('quillon-vesper', $r->kind, $condition),
            array_values(Phones::read('quillon-vesper')->replacements),
        );
        $costs = [Money::of('60'), Money::of('88.50'), null];
        $finding = (new Diagnostician())->diagnose($condition, PanelTechnology::Oled);
        $borneOut = (new ScopeAdvice())->weigh($condition, $finding, $plans, $costs);
        self::assertSame([[true, true, true], 0], [$borneOut['suits'], $borneOut['recommended']]);
        self::assertSame(
            ['dearer-by', '28.50'],
            [$borneOut['because'][1][0]->code, $borneOut['because'][1][0]->figures['amount']],
        );
        self::assertSame('no-part-priced', $borneOut['because'][2][0]->code);
        $unproven = (new ScopeAdvice())->weigh(
            $condition,
            $finding,
            $plans,
            $costs,
            [false, true, true],
        );
        self::assertSame(1, $unproven['recommended']);
        self::assertContains(
            'record-does-not-bear-it-out',
            array_map(static fn(Reason $r): string => $r->code, $unproven['because'][0]),
        );
    }

    public function testNothingIsRecommendedWhenTheDisplayIsNotAtFault(): void
    {
        $advice = $this->weigh('quillon-vesper', []);
        self::assertNull($advice['recommended']);
        self::assertSame('display-not-at-fault', $advice['because'][0][0]->code);
    }

    /**
     * @param list<Seen> $seen
     *
     * @return array{recommended: int|null, suits: list<bool>, because: list<list<Reason>>}
     */
    private function weigh(string $phone, array $seen): array
    {
        $condition = Condition::observed($seen);
        $plans = array_map(
            static fn($r) => Phones::plan($phone, $r->kind, $condition),
            array_values(Phones::read($phone)->replacements),
        );

        return (new ScopeAdvice())->weigh(
            $condition,
            (new Diagnostician())->diagnose($condition, PanelTechnology::Oled),
            $plans,
        );
    }
}
