<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** A camera that lies outside the phone has its lens covered, and no cover stays on. */
final class LensCoverTest extends TestCase
{
    public function testEveryCameraThatIsLiftedIsCoveredUntilItIsBack(): void
    {
        $covered = 0;
        foreach (Phones::jobs() as [$phone, $kind]) {
            $plan = Phones::plan($phone, $kind);
            $step = static fn(StepKind $of, string $part): ?Step => array_values(
                array_filter(
                    $plan->steps,
                    static fn(Step $s): bool => $s->kind() === $of && $s->act->subjects === [$part],
                ),
            )[0] ?? null;
            foreach ($plan->basis->phone->parts as $id => $part) {
                $lifted = $step(StepKind::LiftPart, $id);
                $back = $step(StepKind::FitPart, $id);
                if ($part->kind->covered() === [] || $lifted === null) {
                    continue;
                }
                $stays = $back !== null;
                self::assertSame(
                    $stays ? $part->kind->covered() : [],
                    $lifted->effects->things->puts,
                    "$phone, $id: a camera that is thrown away needs no cover",
                );
                self::assertSame(
                    $part->kind->covered(),
                    $back?->effects->things->takes ?? $part->kind->covered(),
                    "$phone, $id",
                );
                $covered += $stays ? 1 : 0;
            }
        }
        self::assertGreaterThan(2, $covered);
    }
}
