<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\Film;
use Facelift\Anatomy\PhoneHints;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Anatomy\Thing;
use Facelift\Condition\Condition;
use Facelift\Document\Reason;
use Facelift\Document\Unreadable;
use Facelift\Heat\Source;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warning;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/**
 * Films, guards and the test extension: met once, off before they can do harm, and only the outer film left for the
 * counter.
 */
final class NewPartTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryFilmIsMetOnceAndOffBeforeTheDisplayIsSetIn(string $phone, K $kind): void
    {
        $plan = Phones::plan($phone, $kind);
        $films = array_map(static fn(Film $f): Thing => $f->thing(), $plan->basis->replacement->films);
        if ($kind === K::GlassOnly) {
            self::assertSame([], $films, 'new glass is laminated bare');

            return;
        }
        self::assertContains(Thing::FilmBack, $films, 'easily missed, and on every screen that is sold');
        foreach ($films as $film) {
            $on = self::places($plan, static fn(Step $s): array => $s->effects->things->puts, $film);
            $off = self::places($plan, static fn(Step $s): array => $s->effects->things->takes, $film);
            self::assertCount(1, $on, $film->value);
            self::assertCount($film === Thing::FilmFront ? 0 : 1, $off, $film->value);
            self::assertLessThan(
                self::first($plan, StepKind::FitNew) ?? self::first($plan, StepKind::FitPart),
                $off[0] ?? -1,
                "$film->value is under the screen",
            );
        }
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testTheFlexGuardIsOffBeforeAnythingIsConnected(string $phone, K $kind): void
    {
        $plan = Phones::plan($phone, $kind);
        $connected = self::first($plan, StepKind::TrialConnect);
        if ($connected === null) {
            self::assertNull($plan->route->trial);

            return;
        }
        $off = self::places($plan, static fn(Step $s): array => $s->effects->things->takes, Thing::FlexGuard);
        self::assertCount(1, $off);
        self::assertLessThan($connected, $off[0]);
    }

    public function testAShortFlexIsTriedOverAnExtensionThatComesOffAgain(): void
    {
        $plan = Phones::plan('brasca-larch', K::DisplayAssembly);
        self::assertTrue($plan->route->trial?->extension);
        $steps = array_values($plan->steps);
        $on = self::places($plan, static fn(Step $s): array => $s->effects->things->puts, Thing::TestExtension);
        $off = self::places($plan, static fn(Step $s): array => $s->effects->things->takes, Thing::TestExtension);
        self::assertSame(
            [StepKind::TrialConnect, StepKind::TrialOff],
            [$steps[$on[0]]->kind(), $steps[$off[0]]->kind()],
        );
        $why = array_values(
            array_filter($steps[$on[0]]->because, static fn(Reason $r): bool => $r->code === 'trial-over-extension'),
        );
        self::assertSame(['flex' => 42.0, 'needed' => 60.0, 'extension' => 40.0], $why[0]->figures);
        self::assertNotContains(
            'bonded-untested',
            array_map(static fn(Warning $w): string => $w->reason->code, $plan->remarks->warnings),
        );
        // The screen in its frame has a flex long enough by itself.
        $framed = Phones::plan('brasca-larch', K::DisplayWithFrame);
        self::assertFalse($framed->route->trial?->extension);
        self::assertSame(
            [],
            self::places($framed, static fn(Step $s): array => $s->effects->things->puts, Thing::TestExtension),
        );
    }

    public function testAnExtensionReachesToTheMillimetreAndNoFurther(): void
    {
        foreach ([[17.9, false], [18.0, true]] as [$length, $reaches]) {
            $phone = Phones::with('brasca-larch', ['panel.testExtension' => $length]);
            $plan = (new Planner())->plan(
                new Request(
                    $phone,
                    $phone->replacement(K::DisplayAssembly),
                    Condition::observed([]),
                    Source::plate(85),
                ),
            );
            self::assertSame($reaches, $plan->route->trial !== null, "$length mm added to 42 of 60");
            self::assertSame(
                !$reaches,
                \in_array(
                    'hint-no-trial',
                    array_map(static fn(Reason $r): string => $r->code, (new PhoneHints())->of($phone)),
                    true,
                ),
            );
        }
    }

    public function testUnknownFilmsAndExtensionsThatCannotBeAreRefusedByTheirPlace(): void
    {
        try {
            (new PhoneReader())->read(
                Phones::changed('brasca-larch', [
                    'replacements.1.films' => ['film-front', 'bubble-wrap'],
                    'panel.testExtension' => 2,
                ]),
            );
            self::fail('it was read');
        } catch (Unreadable $e) {
            $paths = array_map(static fn($f): string => $f->path, $e->faults);
            self::assertContains('replacements[1].films[1]', $paths);
            self::assertContains('panel.testExtension', $paths);
        }
    }

    /**
     * @param callable(Step): list<Thing> $things
     *
     * @return list<int>
     */
    private static function places(Plan $plan, callable $things, Thing $thing): array
    {
        return array_keys(
            array_filter(array_values($plan->steps), static fn(Step $s): bool => \in_array($thing, $things($s), true)),
        );
    }

    private static function first(Plan $plan, StepKind $kind): ?int
    {
        return array_keys(
            array_filter(array_values($plan->steps), static fn(Step $s): bool => $s->kind() === $kind),
        )[0] ?? null;
    }
}
