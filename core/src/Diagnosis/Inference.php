<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Condition\Check;
use Facelift\Condition\Moment;
use Facelift\Diagnosis\Internal\Likelihoods;

/**
 * Weighs the causes of one symptom by Bayes' rule and finds the check with the largest expected reduction of entropy
 * (Shannon, in bits). Checks are taken to be independent of each other once the cause is given.
 */
final readonly class Inference
{
    /** Less than this is not worth a check, bits. */
    private const LEAST = 0.02;

    public function __construct(private PanelTechnology $technology, private Glass $glass = Glass::Whole) {}

    /**
     * @param list<Evidence> $evidence
     *
     * @return array<string, float> share of every cause, summing to one; all zero if no cause explains the evidence
     */
    public function weigh(Symptom $symptom, array $evidence): array
    {
        $shares = [];
        foreach ($this->shares($symptom, $evidence)->of as $cause => $share) {
            $shares[(string) $cause] = $share;
        }

        return $shares;
    }

    /** @param list<Evidence> $evidence */
    private function shares(Symptom $symptom, array $evidence): Shares
    {
        $causes = $symptom->causes($this->technology, $this->glass);
        $shares = Shares::of($causes);
        $said = [];
        foreach ($evidence as $e) {
            if (($said[$e->check->value] ?? $e->result) !== $e->result) {
                // One check cannot have shown two things.
                return Shares::of(array_fill_keys(array_keys($causes), 0.0));
            }
            $said[$e->check->value] = $e->result;
            $shares = $shares->seeing(
                static fn(int|string $c): float => Likelihoods::of($e->check, $e->result, Cause::from((string) $c)),
            );
        }

        return $shares;
    }

    /**
     * @param list<Evidence> $evidence
     *
     * @return list<Suspect> most likely first, those ruled out last
     */
    public function suspects(Symptom $symptom, array $evidence): array
    {
        $suspects = [];
        foreach ($this->weigh($symptom, $evidence) as $cause => $share) {
            $suspects[] = new Suspect(
                $symptom,
                Cause::from($cause),
                $share,
                $share > 0.0 ? null : $this->excluder(Cause::from($cause), $evidence),
            );
        }
        usort($suspects, static fn(Suspect $a, Suspect $b): int => $b->share <=> $a->share);

        return $suspects;
    }

    /**
     * A smallest set of evidence that no cause explains.
     *
     * @param list<Evidence> $evidence
     *
     * @return list<Evidence> empty if there is no conflict
     */
    public function conflict(Symptom $symptom, array $evidence): array
    {
        if (array_sum($this->weigh($symptom, $evidence)) > 0.0) {
            return [];
        }
        // Leave out one after another for as long as the rest still conflicts: what stays is needed, all of it.
        foreach (array_keys($evidence) as $i) {
            $rest = $evidence;
            unset($rest[$i]);
            if (array_sum($this->weigh($symptom, array_values($rest))) <= 0.0) {
                return $this->conflict($symptom, array_values($rest));
            }
        }

        return $evidence;
    }

    /**
     * @param list<Evidence> $evidence
     *
     * @return NextCheck|null null if no check possible at that moment tells enough
     */
    public function next(Symptom $symptom, array $evidence, Moment $moment): ?NextCheck
    {
        $shares = $this->shares($symptom, $evidence);
        $made = array_map(static fn(Evidence $e): Check => $e->check, $evidence);
        $best = null;
        foreach ($symptom->checks($this->technology) as $check) {
            if ($check->moment() !== $moment || \in_array($check, $made, true)) {
                continue;
            }
            [$bits, $results] = $shares->expects(
                $check->results(),
                static fn(string $r, int|string $c): float => Likelihoods::of($check, $r, Cause::from((string) $c)),
            );
            if ($bits >= self::LEAST && ($best === null || $bits > $best->bits + 1e-9)) {
                $best = new NextCheck($symptom, $check, $bits, $results);
            }
        }

        return $best;
    }

    /** @param list<Evidence> $evidence */
    private function excluder(Cause $cause, array $evidence): ?Evidence
    {
        foreach ($evidence as $e) {
            if (Likelihoods::of($e->check, $e->result, $cause) <= 0.0) {
                return $e;
            }
        }

        return null;
    }
}
