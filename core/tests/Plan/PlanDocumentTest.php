<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Bench\BenchPlan;
use Facelift\Document\Unreadable;
use Facelift\Plan\PlanDocument;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PlanDocumentTest extends TestCase
{
    public function testTheBenchReadsWhatThePlanWrites(): void
    {
        $plan = Phones::plan('brasca-fern-5', K::DisplayWithFrame);
        $bench = BenchPlan::of(self::written(K::DisplayWithFrame), 'battery-plug');
        self::assertSame(array_map(static fn($s): string => $s->id, $plan->steps), array_keys($bench->steps));
        foreach ($plan->steps as $step) {
            self::assertSame($step->effects->screwsOut, $bench->steps[$step->id]->screwsOut);
            self::assertSame($step->effects->puts, $bench->steps[$step->id]->puts);
            self::assertSame($step->after, $bench->steps[$step->id]->after);
        }
        self::assertSame(array_map(static fn($g): string => $g->gate->value, $plan->gates), array_keys($bench->gates));
    }

    public function testAPlanThatIsNoneIsRefused(): void
    {
        $this->expectException(Unreadable::class);
        BenchPlan::of(['steps' => [['id' => 'x']]], 'battery-plug');
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
        self::assertSame(self::written(K::DisplayAssembly), self::written(K::DisplayAssembly));
    }

    public function testTheCurveKeepsItsFirstAndLastMoment(): void
    {
        $opening = array_values(Phones::plan('brasca-fern-5', K::DisplayAssembly)->openings)[0];
        $document = self::written(K::DisplayAssembly);
        self::assertIsArray($document['openings']);
        self::assertIsArray($document['openings'][0]);
        self::assertTrue($document['openings'][0]['estimate']);
        $samples = $document['openings'][0]['samples'];
        self::assertIsArray($samples);
        self::assertIsArray($samples[0]);
        self::assertEquals(0, $samples[0]['t']);
        $last = end($samples);
        self::assertIsArray($last);
        self::assertEqualsWithDelta($opening->samples[\count($opening->samples) - 1]->second, $last['t'], 1e-9);
    }

    /** @return array<string, mixed> */
    private static function written(K $kind): array
    {
        $decoded = json_decode(json_encode((new PlanDocument())->write(Phones::plan('brasca-fern-5', $kind)), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_array($decoded));

        /** @var array<string, mixed> $decoded */
        return $decoded;
    }
}
