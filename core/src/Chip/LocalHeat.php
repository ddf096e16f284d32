<?php

declare(strict_types=1);

namespace Facelift\Chip;

/**
 * How heat spreads from a spot of hot air: two thin sheets round an axis, by finite volumes in rings.
 *
 * In each sheet c·∂T/∂t = (k·d/r)·∂/∂r(r·∂T/∂r) + films to the air above or below and to the other sheet, each over the
 * sheet's own area: the equation of a fin (Incropera & DeWitt, chapter 3.6, from memory), let go in time. Steps are
 * SDIRK2 (Alexander 1977, γ = 1 − 1/√2).
 */
final class LocalHeat
{
    /** Film of still air, W/(m²·K) (engineering estimate, from memory). */
    public const STILL = 10.0;
    private const GAMMA = 0.2928932188134524;
    /** m²·K/W of paper and foil over the neighbours (engineering estimate). */
    private const COVER = 0.02;
    /** mm round the chip that stays open in them (common practice, no source). */
    private const WINDOW = 1.5;

    public readonly Rings $rings;
    /** @var list<array{float, float}> °C of flex and panel, ring by ring */
    private array $now;
    /** @var list<array{float, float}> J/K */
    private readonly array $capacity;
    /** @var list<float> W/K between the sheets */
    private readonly array $across;
    private float $second = 0.0;

    /** @param float $room °C of everything at the start, and of the air around */
    public function __construct(private readonly Spot $spot, private readonly float $room, float $fine = 0.25)
    {
        $this->rings = new Rings($fine / 1000, 0.008, 0.04, 1.18);
        $capacity = $across = $now = [];
        foreach ($this->rings->areas as $i => $area) {
            $under = $this->rings->within($i, $spot->radius / 1000);
            $capacity[] = [
                $area * ($spot->flex->capacity() + $under * $spot->chip),
                $area * $spot->panel->capacity(),
            ];
            $across[] = $area * $spot->couples;
            $now[] = [$room, $room];
        }
        [$this->capacity, $this->across, $this->now] = [$capacity, $across, $now];
    }

    /**
     * Goes on for some time.
     *
     * @param Jet|null $jet     null with the air off
     * @param float    $seconds more than zero
     * @param float    $step    s
     */
    public function run(?Jet $jet, float $seconds, float $step = 0.5): void
    {
        $films = $this->films($jet);
        $steps = max(1, (int) round($seconds / $step));
        $h = $seconds / $steps;
        $solver = new RingSolver($this->matrix($films, self::GAMMA * $h));
        for ($i = 0; $i < $steps; ++$i) {
            $first = $solver->solve($this->flow($this->now, $films, $jet));
            $half = self::add($this->now, $first, (1 - self::GAMMA) * $h);
            $second = $solver->solve($this->flow($half, $films, $jet));
            $this->now = self::add(self::add($this->now, $first, (1 - self::GAMMA) * $h), $second, self::GAMMA * $h);
        }
        $this->second += $seconds;
    }

    /** s since the start */
    public function second(): float
    {
        return $this->second;
    }

    /** °C of the solder: the mean under the chip. */
    public function solder(): float
    {
        $sum = $all = 0.0;
        foreach ($this->rings->areas as $i => $area) {
            $share = $area * $this->rings->within($i, $this->spot->radius / 1000);
            $sum += $share * $this->now[$i][0];
            $all += $share;
        }

        return $sum / $all;
    }

    /** °C of the panel behind the middle of the chip. */
    public function behind(): float
    {
        return $this->now[0][1];
    }

    /** °C of the panel at a distance from the middle, mm; between two rings as a straight line. */
    public function panelAt(float $mm): float
    {
        $r = $mm / 1000;
        $middles = $this->rings->middles;
        for ($i = 1, $n = \count($middles); $i < $n; ++$i) {
            if ($middles[$i] >= $r) {
                $share = max(0.0, ($r - $middles[$i - 1]) / ($middles[$i] - $middles[$i - 1]));

                return $this->now[$i - 1][1] + $share * ($this->now[$i][1] - $this->now[$i - 1][1]);
            }
        }

        return $this->now[\count($this->now) - 1][1];
    }

    /** J that both sheets hold more than at the start. */
    public function energy(): float
    {
        $sum = 0.0;
        foreach ($this->now as $i => [$flex, $panel]) {
            $sum += $this->capacity[$i][0] * ($flex - $this->room) + $this->capacity[$i][1] * ($panel - $this->room);
        }

        return $sum;
    }

    /** @return list<array{float, float}> W/K of each ring to the jet and to the still air above the flex */
    private function films(?Jet $jet): array
    {
        $films = [];
        foreach ($this->rings->areas as $i => $area) {
            $chip = $this->rings->within($i, $this->spot->radius / 1000);
            $met = $jet === null ? 0.0 : max($chip, $this->rings->within($i, $jet->radius / 1000));
            $open = $this->spot->shielded
                ? min($met, max($chip, $this->rings->within($i, ($this->spot->radius + self::WINDOW) / 1000)))
                : $met;
            $hot = $jet === null
                ? 0.0
                : $chip / (1 / $jet->film + $this->spot->through)
                    + ($open - $chip) / (1 / $jet->film)
                    + ($met - $open) / (1 / $jet->film + self::COVER);
            $films[] = [$area * $hot, $area * (1 - $met) * self::STILL];
        }

        return $films;
    }

    /**
     * @param list<array{float, float}> $now
     * @param list<array{float, float}> $films
     *
     * @return list<array{float, float}> W into flex and panel of each ring
     */
    private function flow(array $now, array $films, ?Jet $jet): array
    {
        $flow = [];
        foreach ($now as $i => [$flex, $panel]) {
            $over = $this->across[$i] * ($flex - $panel);
            $below = $this->rings->areas[$i] * self::STILL * ($panel - $this->room);
            $air = $films[$i][0] * (($jet->set ?? $this->room) - $flex) + $films[$i][1] * ($this->room - $flex);
            $flow[] = [$air - $over, $over - $below];
        }
        foreach ($this->rings->links as $i => $link) {
            $flex = $link * $this->spot->flex->spreads() * ($now[$i][0] - $now[$i + 1][0]);
            $panel = $link * $this->spot->panel->spreads() * ($now[$i][1] - $now[$i + 1][1]);
            $flow[$i] = [$flow[$i][0] - $flex, $flow[$i][1] - $panel];
            $flow[$i + 1] = [$flow[$i + 1][0] + $flex, $flow[$i + 1][1] + $panel];
        }

        return $flow;
    }

    /**
     * @param list<array{float, float}> $films
     *
     * @return list<array{array{float, float, float, float}, array{float, float}}> of each ring its own two by two, row
     *     by row, and what links it to the next, negative
     */
    private function matrix(array $films, float $by): array
    {
        $rows = [];
        foreach ($this->capacity as $i => [$flex, $panel]) {
            $over = $this->across[$i];
            $own = [
                $flex + $by * ($over + $films[$i][0] + $films[$i][1]),
                -$by * $over,
                -$by * $over,
                $panel + $by * ($over + $this->rings->areas[$i] * self::STILL),
            ];
            $link = $this->rings->links[$i] ?? 0.0;
            $before = $this->rings->links[$i - 1] ?? 0.0;
            $own[0] += $by * ($link + $before) * $this->spot->flex->spreads();
            $own[3] += $by * ($link + $before) * $this->spot->panel->spreads();
            $rows[] = [
                $own,
                [-$by * $link * $this->spot->flex->spreads(), -$by * $link * $this->spot->panel->spreads()],
            ];
        }

        return $rows;
    }

    /**
     * @param list<array{float, float}> $a
     * @param list<array{float, float}> $b
     *
     * @return list<array{float, float}>
     */
    private static function add(array $a, array $b, float $times): array
    {
        return array_map(
            static fn(array $x, array $y): array => [$x[0] + $times * $y[0], $x[1] + $times * $y[1]],
            $a,
            $b,
        );
    }
}
