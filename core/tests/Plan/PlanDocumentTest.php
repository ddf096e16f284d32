<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;
use Facelift\Document\Unreadable;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Source;
use Facelift\Plan\Plan;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\Planner;
use Facelift\Plan\PlanReader;
use Facelift\Plan\Request;
use Facelift\Plan\School;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is written is read back as the same plan, and what is none is refused. */
#[Group('long')]
final class PlanDocumentTest extends TestCase
{
    use TestTrait;

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testReadIsWrittenBackwards(string $id, K $kind): void
    {
        $this->limitTo(2)
            ->forAll(Generators::choose(1, 1_000_000))
            ->disableShrinking()
            ->then(function (int $seed) use ($id, $kind): void {
                $plan = self::random($id, $kind, new Dice($seed));
                self::assertEquals($plan, self::readBack($plan), "seed $seed");
                self::assertSame(
                    (new PlanDocument())->json($plan),
                    (new PlanDocument())->json(self::readBack($plan)),
                    "seed $seed",
                );
            });
    }

    /** @return iterable<string, array{string, mixed, string}> what is changed, and the path that is named */
    public static function spoilt(): iterable
    {
        yield 'another format' => ['format', 'recipe', 'version'];
        yield 'a version to come' => ['version', 4, 'version'];
        yield 'another phone' => ['phone.id', 'brasca-fern-5', 'phone.id'];
        yield 'a part that does not exist' => ['replacement.id', 'gold', 'replacement.id'];
        yield 'a kind of step that is none' => ['steps.3.kind', 'dance', 'steps[3].kind'];
        yield 'a step that waits for none' => ['steps.3.after', ['nobody'], 'steps[3].after'];
        yield 'a move that is none' => ['steps.3.move', ['bond' => 'seal', 'index' => 99], 'steps[3].move'];
        yield 'a tool that nobody has' => ['steps.0.tool', 'crowbar', 'steps[0].tool'];
        yield 'a wait before the start' => ['steps.0.wait', -5, 'steps[0].wait'];
        yield 'a source too hot' => ['source.set', 400, 'source.set'];
    }

    #[DataProvider('spoilt')]
    public function testAPlanThatIsNoneIsRefusedByItsPlace(string $path, mixed $value, string $named): void
    {
        $document = json_decode(
            (new PlanDocument())->json(Phones::plan('quillon-vesper', K::DisplayAssembly)),
            true,
            64,
            \JSON_THROW_ON_ERROR,
        );
        \assert(\is_array($document));
        $at = &$document;
        foreach (explode('.', $path) as $key) {
            \assert(\is_array($at));
            $at = &$at[$key];
        }
        $at = $value;
        unset($at);
        if ($path === 'format') {
            $document = ['format' => 'recipe'];
        }
        try {
            (new PlanReader())->read($document, Phones::read('quillon-vesper'));
            self::fail('it was read');
        } catch (Unreadable $e) {
            self::assertContains($named, array_map(static fn($f): string => $f->path, $e->faults));
        }
    }

    /** Once at the end, and once more where the new part is tried or tested dry; a plan that tests dry has no trial. */
    #[TestWith(['quillon-vesper', K::DisplayAssembly, 2])]
    #[TestWith(['quillon-vesper', K::GlassOnly, 1])]
    #[TestWith(['brasca-larch', K::DisplayAssembly, 2])]
    #[TestWith(['tivane-anvil', K::DisplayAssembly, 2])]
    public function testEveryTestBeforeTheEndTakesTheBatteryOnceMore(string $phone, K $kind, int $cycles): void
    {
        self::assertSame($cycles, Phones::plan($phone, $kind)->batteryCycles());
    }

    public function testTheSameJobGivesTheSameDocument(): void
    {
        $write = static fn(): string => (new PlanDocument())->json(Phones::plan('brasca-fern-5', K::DisplayAssembly));
        self::assertSame($write(), $write());
    }

    /** A sample every four seconds, the first and the last among them. */
    public function testTheCurveKeepsItsFirstAndLastMoment(): void
    {
        $opening = array_values(Phones::plan('brasca-fern-5', K::DisplayAssembly)->sealing->openings)[0];
        $last = $opening->phases[\count($opening->phases) - 1]->to;
        self::assertSame(0.0, $opening->samples[0]->second);
        self::assertSame(4.0, $opening->samples[1]->second);
        self::assertEqualsWithDelta($last, $opening->samples[\count($opening->samples) - 1]->second, 1e-9);
    }

    private static function random(string $id, K $kind, Dice $dice): Plan
    {
        $phone = Phones::read($id);
        $seen = array_values(array_filter(Observation::cases(), static fn(): bool => $dice->chance(15)));
        $source = $dice->pick([
            Source::plate($dice->float(70, 100)),
            Source::hotAir($dice->float(90, 170), $dice->float(20, 60), 150),
            Source::grainBag(0.4, 2.5),
        ]);

        return (new Planner())->plan(new Request(
            $phone,
            $phone->replacement($kind),
            Condition::observed($seen),
            $source,
            $dice->pick(OldPanel::cases()),
            $dice->pick(School::cases()),
            $dice->float(15, 30),
            $dice->int(1, 8),
        ));
    }

    private static function readBack(Plan $plan): Plan
    {
        $document = json_decode((new PlanDocument())->json($plan), true, 64, \JSON_THROW_ON_ERROR);

        return (new PlanReader())->read($document, $plan->basis->phone);
    }
}
