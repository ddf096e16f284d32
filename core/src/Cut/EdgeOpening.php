<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\Carried;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\HeatPhase;
use Facelift\Heat\Limits;
use Facelift\Heat\PhaseKind;
use Facelift\Heat\Sample;

/** How one bond is parted, with the estimated temperatures all the way. */
final readonly class EdgeOpening
{
    /** Every how many samples one is kept. */
    private const THIN = 2;

    /**
     * @param list<Move>      $moves   empty if the source cannot reach the bond
     * @param Binding|null    $blocked what keeps the source from reaching the bond; null if the plan works
     * @param list<Sample>    $samples
     * @param list<HeatPhase> $phases
     * @param Carried|null    $leaves what the phone carries with it from here; null where it was read from a document
     */
    public function __construct(
        public string $bond,
        public AdhesiveWindow $window,
        public array $moves,
        public ?Binding $blocked,
        public array $samples,
        public array $phases,
        public Limits $limits,
        public ?Carried $leaves = null,
    ) {}

    /** Times on the source. */
    public function heatings(): int
    {
        return \count(array_filter($this->moves, static fn(Move $m): bool => $m instanceof Heating));
    }

    /** @return list<string> stretches that are cut after the last heating and not before it */
    public function cutSinceLastHeating(): array
    {
        $since = $before = [];
        foreach ($this->moves as $move) {
            if ($move instanceof Heating) {
                [$before, $since] = [[...$before, ...$since], []];
            } elseif ($move instanceof Pass) {
                $since[] = $move->way->stretch->id;
            }
        }

        return array_values(array_diff($since, $before));
    }

    /** True if something is heated although alcohol has been used. */
    public function heatsAfterAlcohol(): bool
    {
        $wet = false;
        foreach ($this->moves as $move) {
            if ($wet && $move instanceof Heating) {
                return true;
            }
            $wet = $wet || $move instanceof Alcohol;
        }

        return false;
    }

    /** True if no heat is used: the panel is given up and its tape is cut cold. */
    public function isCold(): bool
    {
        return ($this->moves[0] ?? null) instanceof BreakPanel;
    }

    /** @return HeatingEnd|null how the first heating ends; null if nothing is heated, or it is no use */
    public function firstHeating(): ?HeatingEnd
    {
        foreach ($this->works() ? $this->phases : [] as $phase) {
            if ($phase->kind === PhaseKind::Heat) {
                $end = array_reduce(
                    $this->samples,
                    static fn(?Sample $last, Sample $s): Sample => $last !== null && $s->second > $phase->to
                        ? $last
                        : $s,
                );

                return new HeatingEnd(
                    $phase->to - $phase->from,
                    Binding::Target,
                    ($end ?? $this->samples[0])->at($phase->to - $phase->from),
                    true,
                );
            }
        }

        return null;
    }

    public function works(): bool
    {
        return $this->blocked === null;
    }

    /** As it is kept: a curve needs a point every four seconds, to a hundredth of a degree; its last moment stays. */
    public function kept(): self
    {
        $last = \count($this->samples) - 1;
        $kept = array_filter(
            $this->samples,
            static fn(int $i): bool => $i % self::THIN === 0 || $i === $last,
            \ARRAY_FILTER_USE_KEY,
        );

        return new self(
            $this->bond,
            $this->window,
            $this->moves,
            $this->blocked,
            array_values(array_map(static fn(Sample $s): Sample => $s->rounded(), $kept)),
            $this->phases,
            $this->limits,
        );
    }
}
