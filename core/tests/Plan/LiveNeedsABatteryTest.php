<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Nothing is switched on with the battery on the table. */
final class LiveNeedsABatteryTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testTheBatteryLiesInThePhoneWheneverItsPlugGoesOn(string $phone, K $kind): void
    {
        $plan = Phones::plan($phone, $kind);
        $power = $plan->basis->phone->powerConnector();
        $batteries = array_filter(
            $plan->basis->phone->parts,
            static fn(Part $p): bool => $p->kind === PartKind::Battery,
        );
        $out = [];
        foreach ($plan->steps as $step) {
            foreach ($step->effects->parts->out as $part) {
                $out[$part] = true;
            }
            $out = array_diff_key($out, array_fill_keys($step->effects->parts->in, true));
            if (\in_array($power->id, $step->effects->connectors->in, true)) {
                self::assertSame([], array_intersect_key($batteries, $out), $step->id);
            }
        }
        self::assertSame([], array_intersect_key($batteries, $out), 'it is in at the end');
    }

    #[TestWith(['tivane-quire', K::DisplayAssembly, 2])]
    #[TestWith(['maruvi-cobnut', K::DigitizerOnly, 2])]
    #[TestWith(['quillon-vesper', K::DisplayAssembly, 0])]
    public function testItIsLaidInForTheTrialAloneAndComesOutAgain(string $phone, K $kind, int $times): void
    {
        $plan = Phones::plan($phone, $kind);
        $fitted = array_filter($plan->steps, static fn(Step $s): bool => $s->kind() === StepKind::FitPart
            && $plan->basis->phone->parts[$s->act->subjects[0]]->kind === PartKind::Battery);
        self::assertCount($times, $fitted);
    }
}
