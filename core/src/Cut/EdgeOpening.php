<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\CarriedOver;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\HeatPhase;
use Facelift\Heat\Limits;
use Facelift\Heat\PhaseKind;
use Facelift\Heat\Sample;
use Facelift\Heat\Worst;

/** How one bond is parted, with the estimated temperatures all the way. */
final readonly class EdgeOpening
{
    /** s between samples that are kept */
    private const EVERY = 4.0;

    /**
     * @param list<Move>      $moves   empty if the source cannot reach the bond
     * @param Binding|null    $blocked what keeps the source from reaching the bond; null if the plan works
     * @param list<Sample>    $samples
     * @param list<HeatPhase> $phases
     * @param CarriedOver|null $leaves what the phone carries with it from here; null where it was read from a document
     * @param Worst|null       $worst  highest temperatures with a source hotter than 95 of 100; null as above
     * @param float|null       $chance 0 to 1 that all passes are through in time; null where nothing grips, or as above
     */
    public function __construct(
        public string $bond,
        public AdhesiveWindow $window,
        public array $moves,
        public ?Binding $blocked,
        public array $samples,
        public array $phases,
        public Limits $limits,
        public ?CarriedOver $leaves = null,
        public ?Worst $worst = null,
        public ?float $chance = null,
    ) {}

    /**
     * The same up to a move as it was really made, and from there on as it is planned now.
     *
     * @param int  $last index of that move
     * @param Move $made as it was made
     * @param self $rest from that moment on
     */
    public function goingOn(int $last, Move $made, self $rest): self
    {
        $end = $this->phases[$last]->to ?? 0.0;
        $later = static fn(float $s): float => $s + $end;

        return new self(
            $this->bond,
            $rest->window,
            [...\array_slice($this->moves, 0, $last), $made, ...$rest->moves],
            null,
            [
                ...array_values(array_filter($this->samples, static fn(Sample $s): bool => $s->second <= $end)),
                ...array_map(static fn(Sample $s): Sample => $s->at($later($s->second)), $rest->samples),
            ],
            [
                ...\array_slice($this->phases, 0, $last + 1),
                ...array_map(
                    static fn(HeatPhase $p): HeatPhase => new HeatPhase($p->kind, $later($p->from), $later($p->to)),
                    $rest->phases,
                ),
            ],
            $this->limits,
            worst: $this->worst === null || $rest->worst === null ? $rest->worst : $this->worst->and($rest->worst),
            chance: $rest->chance,
        );
    }

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
        $kept = [];
        $from = -\INF;
        foreach ($this->samples as $i => $sample) {
            if ($i === $last || $sample->second >= $from + self::EVERY) {
                $kept[] = $sample->rounded();
                $from = $sample->second;
            }
        }

        return new self(
            $this->bond,
            $this->window,
            $this->moves,
            $this->blocked,
            $kept,
            $this->phases,
            $this->limits,
            worst: $this->worst?->rounded(),
            chance: $this->chance,
        );
    }
}
