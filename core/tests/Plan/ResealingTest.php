<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\PlanReader;
use Facelift\Plan\Resealing;
use Facelift\Plan\SealWish;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Seal\Readings;
use Facelift\Seal\Way;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** A seal made otherwise, or measured: its own steps are written anew, everything else of the plan stays. */
final class ResealingTest extends TestCase
{
    public function testABeadHasNoLinerAndTapeHas(): void
    {
        $plan = Phones::plan('brasca-fern-4', K::DisplayAssembly);
        $bead = self::by($plan, new SealWish(way: Way::Bead));
        self::assertCount(1, self::of($plan, StepKind::LastLiner, 'display-tape'));
        self::assertSame([], self::of($bead, StepKind::LastLiner, 'display-tape'));
        self::assertSame('bead', self::of($bead, StepKind::LaySeal, 'display-tape')[0]->act->figures['adhesive']);
        self::assertNotNull($bead->sealing->seals['display-tape']->bead);
        $back = self::by($bead, new SealWish(way: Way::Tape));
        self::assertCount(1, self::of($back, StepKind::LastLiner, 'display-tape'));
        self::assertSame(\count($plan->steps), \count($back->steps));
    }

    public function testAReadingChangesTheVerdictAtTheDryFit(): void
    {
        $plan = Phones::plan('brasca-fern-4', K::DisplayAssembly);
        $proud = self::by($plan, new SealWish(readings: new Readings(1.65)));
        self::assertSame('sits-flush', self::of($plan, StepKind::DryFit, 'display-tape')[0]->act->notes[0]->code);
        self::assertSame('sits-proud', self::of($proud, StepKind::DryFit, 'display-tape')[0]->act->notes[0]->code);
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEverythingElseStays(string $id, K $kind): void
    {
        $plan = Phones::plan($id, $kind);
        $bond = Resealing::bondOf($plan);
        $again = self::by($plan, new SealWish());
        self::assertEquals($plan, $again, 'the same wish is the same plan');
        if ($bond === null) {
            return;
        }
        foreach ([Way::Bead, Way::Tape] as $way) {
            $other = self::by($plan, new SealWish(way: $way));
            $own = [StepKind::DryFit, StepKind::LaySeal, StepKind::LastLiner, StepKind::Clamp, StepKind::Unclamp];
            foreach ($other->steps as $step) {
                foreach ($step->after as $before) {
                    self::assertArrayHasKey($before, $other->steps, "$step->id waits for what is there");
                }
                if (!$step->isAbout($bond) || !\in_array($step->kind(), $own, true)) {
                    self::assertEquals($plan->steps[$step->id]->act, $step->act);
                }
            }
            $read = (new PlanReader())->read(
                json_decode((new PlanDocument())->json($other), true, 64, \JSON_THROW_ON_ERROR),
                Phones::read($id),
            );
            self::assertEquals($other, $read);
        }
    }

    private static function by(Plan $plan, SealWish $wish): Plan
    {
        return (new Resealing($plan, Condition::observed([])))->by($wish);
    }

    /** @return list<Step> */
    private static function of(Plan $plan, StepKind $kind, string $bond): array
    {
        return array_values(array_filter(
            $plan->steps,
            static fn(Step $s): bool => $s->kind() === $kind && $s->isAbout($bond),
        ));
    }
}
