<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What has to be looked at before adhesive lies, and before the screen goes on. */
final class BeforeAdhesiveTest extends TestCase
{
    /** A loose key is kept when the screen goes, laid in place before the new one, looked at again before pressing. */
    public function testTheQuiresHomeKey(): void
    {
        $plan = Phones::plan('tivane-quire', K::DisplayAssembly);
        $order = [StepKind::KeepLoose, StepKind::RemoveLeft, StepKind::PlaceLoose, StepKind::FitNew];
        $order = [...$order, StepKind::CheckLoose, StepKind::CloseBond];
        $at = array_map(static fn(StepKind $k): int => self::at($plan, $k), $order);
        $sorted = $at;
        sort($sorted);
        self::assertSame($sorted, $at);
        self::assertSame(['home-key'], self::of($plan, StepKind::KeepLoose)[0]->effects->parts->out);
        self::assertSame(['home-key'], self::of($plan, StepKind::PlaceLoose)[0]->effects->parts->in);
        self::assertSame('crooked-key-cracks', self::of($plan, StepKind::CheckLoose)[0]->because[0]->code);
        self::assertSame(['shielding-foil'], self::of($plan, StepKind::RemoveLeft)[0]->act->subjects);
    }

    public function testShardsComeOutWhereTheGlassIsBroken(): void
    {
        self::assertSame([], self::of(Phones::plan('brasca-fern-4', K::DisplayAssembly), StepKind::TakeShards));
        $broken = Phones::plan(
            'brasca-fern-4',
            K::DisplayAssembly,
            Condition::observed([Observation::CrackedGlass]),
        );
        self::assertCount(1, self::of($broken, StepKind::TakeShards));
    }

    /** Every bond that is cut: clean, straight edge, dry, adhesive, in this order; every display: a dry fit before. */
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testTheOrderOnEveryPhone(string $id, K $kind): void
    {
        $plan = Phones::plan($id, $kind);
        foreach ($plan->sealing->seals as $bond => $seal) {
            $own = array_values(array_filter($plan->steps, static fn(Step $s): bool => $s->isAbout($bond)));
            $kinds = array_map(static fn(Step $s): StepKind => $s->kind(), $own);
            $at = static fn(StepKind $k): int|false => array_search($k, $kinds, true);
            $clean = $at(StepKind::CleanLedge);
            if ($clean === false) {
                continue;
            }
            self::assertLessThan($at(StepKind::CheckRidge), $clean);
            self::assertLessThan($at(StepKind::LaySeal), $at(StepKind::CheckRidge));
            self::assertLessThan($at(StepKind::CloseBond), $at(StepKind::LaySeal));
            if ($at(StepKind::DryFit) !== false) {
                self::assertLessThan($at(StepKind::LaySeal), $at(StepKind::DryFit));
                self::assertNotNull($seal->heights);
            }
        }
        foreach ($plan->steps as $step) {
            $name = $step->act->figures['name'] ?? '-';
            self::assertNotSame('', $name, $step->id . ' has a subject');
            self::assertNotSame('', $step->act->figures['things'] ?? '-', $step->id . ' has a subject');
        }
    }

    /** The under and shorter flex first, as the phone file lists them; separate layers have no dust between. */
    public function testFlexesAndLayers(): void
    {
        $quire = self::of(Phones::plan('tivane-quire', K::DisplayAssembly), StepKind::CheckUnder)[0];
        self::assertContains('flexes-under-first', array_map(static fn($n): string => $n->code, $quire->act->notes));
        $cobnut = self::of(Phones::plan('maruvi-cobnut', K::DigitizerOnly), StepKind::CheckUnder)[0];
        self::assertContains('dust-between-layers', array_map(static fn($n): string => $n->code, $cobnut->act->notes));
    }

    private static function at(Plan $plan, StepKind $kind): int
    {
        foreach (array_values($plan->steps) as $i => $step) {
            if ($step->kind() === $kind) {
                return $i;
            }
        }
        self::fail('no step ' . $kind->value);
    }

    /** @return non-empty-list<Step>|array{} */
    private static function of(Plan $plan, StepKind $kind): array
    {
        return array_values(array_filter($plan->steps, static fn(Step $s): bool => $s->kind() === $kind));
    }
}
