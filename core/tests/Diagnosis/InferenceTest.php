<?php

declare(strict_types=1);

namespace Facelift\Tests\Diagnosis;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Condition\Check;
use Facelift\Condition\Moment;
use Facelift\Diagnosis\Cause;
use Facelift\Diagnosis\Evidence;
use Facelift\Diagnosis\Inference;
use Facelift\Diagnosis\Internal\Likelihoods;
use Facelift\Diagnosis\Symptom;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class InferenceTest extends TestCase
{
    public function testEveryRowOfTheTableIsADistribution(): void
    {
        $rows = 0;
        foreach (Symptom::cases() as $symptom) {
            foreach (PanelTechnology::cases() as $technology) {
                self::assertEqualsWithDelta(1.0, array_sum($symptom->causes($technology)), 1e-9);
                foreach ($symptom->checks($technology) as $check) {
                    foreach (array_keys($symptom->causes($technology)) as $cause) {
                        self::assertEqualsWithDelta(
                            1.0,
                            array_sum(
                                array_map(
                                    static fn(string $r): float => Likelihoods::of($check, $r, Cause::from($cause)),
                                    $check->results(),
                                ),
                            ),
                            1e-9,
                            "$check->value given $cause",
                        );
                        ++$rows;
                    }
                }
            }
        }
        self::assertGreaterThan(80, $rows);
    }

    /** A phone that rings is not flat, and blotches leave nothing but the panel. Hand-worked. */
    public function testEvidenceRulesCausesOut(): void
    {
        $inference = new Inference(PanelTechnology::Oled);
        $suspects = $inference->suspects(Symptom::Dark, [new Evidence(Check::Ring, 'rings')]);
        $flat = array_values(array_filter($suspects, static fn($s): bool => $s->cause === Cause::FlatBattery))[0];
        self::assertSame(0.0, $flat->share);
        self::assertSame(Check::Ring, $flat->ruledOutBy?->check);
        // 0.5·0.95, 0.15·0.95 and 0.13·0.6 are left: 0.475, 0.1425 and 0.078 of 0.6955.
        self::assertEqualsWithDelta(0.475 / 0.6955, $suspects[0]->share, 1e-9);
        self::assertEqualsWithDelta(
            1.0,
            $inference->weigh(Symptom::Dark, [new Evidence(Check::LookAtAngle, 'blotches')])['panel'],
            1e-9,
        );
    }

    /** The chosen check against a plain count over every pair of cause and result, on random evidence. */
    public function testTheNextCheckAgreesWithBruteForce(): void
    {
        $compared = 0;
        for ($seed = 1; $seed <= 200; ++$seed) {
            $dice = new Dice($seed);
            $technology = $dice->pick(PanelTechnology::cases());
            $symptom = $dice->pick(Symptom::cases());
            $evidence = [];
            foreach ($symptom->checks($technology) as $check) {
                if ($dice->chance(35)) {
                    $evidence[] = new Evidence($check, $dice->pick($check->results()));
                }
            }
            $inference = new Inference($technology);
            if ($inference->conflict($symptom, $evidence) !== []) {
                continue;
            }
            foreach (Moment::cases() as $moment) {
                $best = $this->mostInformative($symptom, $technology, $evidence, $moment);
                $next = $inference->next($symptom, $evidence, $moment);
                self::assertEqualsWithDelta($best, $next->bits ?? $best, 1e-9, "seed $seed");
                self::assertSame($best >= 0.02, $next !== null, "seed $seed");
                ++$compared;
            }
        }
        self::assertGreaterThan(100, $compared);
    }

    public function testASmallestConflictIsNamed(): void
    {
        $inference = new Inference(PanelTechnology::Oled);
        $evidence = [
            new Evidence(Check::Ring, 'silent'),
            new Evidence(Check::LookAtAngle, 'blotches'),
            new Evidence(Check::Charge, 'picture'),
        ];
        self::assertSame(
            [Check::LookAtAngle, Check::Charge],
            array_map(
                static fn(Evidence $e): Check => $e->check,
                array_values($inference->conflict(Symptom::Dark, $evidence)),
            ),
        );
    }

    /**
     * Mutual information between cause and result from the joint distribution, written out.
     *
     * @param list<Evidence> $evidence
     */
    private function mostInformative(
        Symptom $symptom,
        PanelTechnology $technology,
        array $evidence,
        Moment $moment,
    ): float {
        $prior = $symptom->causes($technology);
        foreach ($prior as $cause => $p) {
            foreach ($evidence as $e) {
                $prior[$cause] *= Likelihoods::of($e->check, $e->result, Cause::from($cause));
            }
        }
        $sum = array_sum($prior);
        $best = 0.0;
        foreach ($symptom->checks($technology) as $check) {
            if (
                $check->moment() !== $moment
                || array_filter($evidence, static fn(Evidence $e): bool => $e->check === $check) !== []
            ) {
                continue;
            }
            $information = 0.0;
            foreach ($check->results() as $result) {
                $marginal = 0.0;
                foreach ($prior as $cause => $p) {
                    $marginal += $p / $sum * Likelihoods::of($check, $result, Cause::from($cause));
                }
                foreach ($prior as $cause => $p) {
                    $joint = $p / $sum * Likelihoods::of($check, $result, Cause::from($cause));
                    $information += $joint > 0.0 ? $joint * log($joint / ($marginal * $p / $sum), 2) : 0.0;
                }
            }
            $best = max($best, $information);
        }

        return $best;
    }
}
