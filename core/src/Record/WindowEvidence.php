<?php

declare(strict_types=1);

namespace Facelift\Record;

use Facelift\Heat\PaceCurve;
use Facelift\Record\Internal\PassLikelihood;

/**
 * What passes of jobs say about where an adhesive begins to let go and how fast a blade goes: the logarithm of how
 * likely they are, for every shift of the window and every pace on a grid.
 *
 * Temperatures of one job are off together, by an error that is taken in: every job is looked at with all errors that
 * it may have. The logarithms are kept as whole numbers, so that jobs add up to the same in any order, and one that is
 * taken out again leaves no trace.
 */
final readonly class WindowEvidence
{
    /** K by which the window lies off what is estimated: from −12 to 12 */
    public const WIDEST = 12.0;
    public const STEP = 0.5;
    /** logarithm of how many times as fast as estimated: from −1 to 1 */
    public const FASTEST = 1.0;
    public const PACE_STEP = 0.1;
    /** a logarithm of 1 */
    private const UNIT = 1_000_000;

    /** @param list<int> $logs by shift, and within it by pace */
    private function __construct(private array $logs, public int $jobs, public int $passes) {}

    public static function none(): self
    {
        return new self(array_fill(0, self::shifts() * self::paces(), 0), 0, 0);
    }

    /**
     * Of one bond of one job.
     *
     * @param PaceCurve        $estimate as the plan would take it without any record
     * @param float            $off      K by which its temperatures may be off together: one standard
     *     deviation, 0.5 to 10
     * @param list<PassAsSeen> $passes
     */
    public static function of(PaceCurve $estimate, float $off, array $passes): self
    {
        $off = max(0.5, min(10.0, $off));
        $likelihood = new PassLikelihood($estimate, $passes);
        $errors = self::errors($off);
        $logs = [];
        for ($shift = self::middle() - self::shifts() + 1; $shift <= self::middle(); ++$shift) {
            $terms = [];
            foreach ($errors as $error => $weight) {
                foreach ($likelihood->at($error - $shift) as $pace => $log) {
                    $terms[$pace][] = $weight + $log;
                }
            }
            foreach ($terms as $of) {
                $logs[] = (int) round(self::UNIT * self::sum($of));
            }
        }

        return new self($logs, 1, \count($passes));
    }

    public function with(self $more): self
    {
        return new self(
            array_map(static fn(int $a, int $b): int => $a + $b, $this->logs, $more->logs),
            $this->jobs + $more->jobs,
            $this->passes + $more->passes,
        );
    }

    public function without(self $less): self
    {
        return new self(
            array_map(static fn(int $a, int $b): int => $a - $b, $this->logs, $less->logs),
            $this->jobs - $less->jobs,
            $this->passes - $less->passes,
        );
    }

    /** The logarithm of how likely it all is, but for a constant. */
    public function log(int $shift, int $pace): float
    {
        return $this->logs[$shift * self::paces() + $pace] / self::UNIT;
    }

    /** To be kept, and read again by `from`. */
    public function text(): string
    {
        return implode(' ', [$this->jobs, $this->passes, ...$this->logs]);
    }

    /** @throws \InvalidArgumentException If the text is not of this grid. */
    public static function from(string $text): self
    {
        $numbers = array_map(intval(...), explode(' ', $text));
        $logs = \array_slice($numbers, 2);
        if (\count($logs) !== self::shifts() * self::paces()) {
            throw new \InvalidArgumentException('evidence of another grid');
        }

        return new self($logs, $numbers[0], $numbers[1] ?? 0);
    }

    public static function shifts(): int
    {
        return 1 + (int) round(2 * self::WIDEST / self::STEP);
    }

    public static function paces(): int
    {
        return 1 + (int) round(2 * self::FASTEST / self::PACE_STEP);
    }

    /** K of a place on the grid. */
    public static function shift(float $place): float
    {
        return ($place - self::middle()) * self::STEP;
    }

    /** Logarithm of the pace of a place on the grid. */
    public static function pace(float $place): float
    {
        return $place * self::PACE_STEP - self::FASTEST;
    }

    private static function middle(): int
    {
        return (int) round(self::WIDEST / self::STEP);
    }

    /** @return array<int, float> logarithm of the weight of each error of the temperature, by steps of the grid */
    private static function errors(float $off): array
    {
        $each = $off < 2.0 ? 1 : 2;
        $most = $each * (int) ceil(3 * $off / self::STEP / $each);
        $weights = [];
        for ($step = -$most; $step <= $most; $step += $each) {
            $weights[$step] = exp(-0.5 * ($step * self::STEP / $off) ** 2);
        }
        $all = array_sum($weights);

        return array_map(static fn(float $w): float => log($w / $all), $weights);
    }

    /** @param non-empty-list<float> $logs */
    private static function sum(array $logs): float
    {
        $most = max($logs);
        $sum = 0.0;
        foreach ($logs as $log) {
            $sum += exp($log - $most);
        }

        return $most + log($sum);
    }
}
