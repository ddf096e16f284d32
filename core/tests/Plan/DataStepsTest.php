<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Fit\DataWay;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Source;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\School;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warning;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** The old display's data: read at the first moment that its plug is off, and before anything can end the panel. */
final class DataStepsTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testItIsReadAtOnceAndOnlyWhereThereIsAMemory(string $phone, K $kind): void
    {
        foreach (School::cases() as $school) {
            $wished = array_map(
                static fn(OldPanel $w): Plan => self::plan(
                    $phone,
                    $kind,
                    null,
                    $school,
                    $w,
                ),
                OldPanel::cases(),
            );
            $usual = Phones::plan($phone, $kind, school: $school);
            self::assertTrue($usual->works());
            foreach ([$usual, ...array_filter($wished, static fn(Plan $p): bool => $p->works())] as $plan) {
                $at = self::places($plan, StepKind::ReadMemory);
                $reads = $plan->basis->phone->panel->memory && $kind !== K::GlassOnly;
                self::assertCount($reads ? 1 : 0, $at);
                if ($reads) {
                    $steps = array_values($plan->steps);
                    $plug = $steps[$at[0] - 1];
                    self::assertSame(StepKind::Unplug, $plug->kind(), 'nothing comes between');
                    self::assertSame([$plug->id], $steps[$at[0]]->after);
                    foreach ([StepKind::BreakPanel, StepKind::SetAside, StepKind::TrialConnect] as $later) {
                        self::assertLessThan(self::places($plan, $later)[0] ?? \PHP_INT_MAX, $at[0], $later->value);
                    }
                }
            }
        }
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testTheOldDisplayIsNotSetAsideBeforeItWasRead(string $phone, K $kind): void
    {
        $plan = Phones::plan($phone, $kind);
        $steps = array_values($plan->steps);
        foreach (self::places($plan, StepKind::ReadMemory) as $at) {
            $aside = $steps[self::places($plan, StepKind::SetAside)[0]];
            self::assertContains($steps[$at]->id, $aside->after);
        }
        self::assertTrue($plan->works());
    }

    public function testItIsWrittenOnlyIfTheCustomerWantsItCopied(): void
    {
        $written = static fn(?DataWay $way): int => \count(
            self::places(self::plan('quillon-vesper', K::DisplayAssembly, $way), StepKind::WriteMemory),
        );
        self::assertSame([1, 1, 0], array_map($written, [null, DataWay::Copy, DataWay::Leave]));
    }

    public function testAPanelGivenUpOverItsPlugIsWarnedOf(): void
    {
        $warned = static fn(string $phone, K $kind, OldPanel $wish): bool => array_filter(
            self::plan($phone, $kind, wish: $wish)->remarks->warnings,
            static fn(Warning $w): bool => $w->reason->code === 'data-behind-the-panel',
        ) !== [];
        self::assertTrue($warned('quillon-vesper', K::DisplayAssembly, OldPanel::GiveUp));
        self::assertFalse($warned('quillon-vesper', K::DisplayAssembly, OldPanel::Save));
        $larch = $warned('brasca-larch', K::DisplayWithFrame, OldPanel::GiveUp);
        self::assertFalse($larch, 'its plug is reached from the back, before the panel is touched');
    }

    private static function plan(
        string $phone,
        K $kind,
        ?DataWay $way = null,
        School $school = School::StripThenBuild,
        OldPanel $wish = OldPanel::Save,
    ): Plan {
        $read = Phones::read($phone);

        return (new Planner())->plan(new Request(
            $read,
            $read->replacement($kind),
            Condition::observed([]),
            Source::plate(85.0),
            $wish,
            $school,
            data: $way,
        ));
    }

    /** @return list<int> */
    private static function places(Plan $plan, StepKind $kind): array
    {
        return array_keys(array_filter(array_values($plan->steps), static fn(Step $s): bool => $s->kind() === $kind));
    }
}
