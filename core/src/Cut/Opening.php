<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\HeatPhase;
use Facelift\Heat\Limits;
use Facelift\Heat\Sample;

/** How one bond is parted, with the estimated temperatures all the way. */
final readonly class Opening
{
    /**
     * @param list<Move>      $moves   empty if the source cannot reach the bond
     * @param Binding|null    $blocked what keeps the source from reaching the bond; null if the plan works
     * @param list<Sample>    $samples
     * @param list<HeatPhase> $phases
     */
    public function __construct(
        public string $bond,
        public AdhesiveWindow $window,
        public array $moves,
        public ?Binding $blocked,
        public array $samples,
        public array $phases,
        public Limits $limits,
    ) {}

    /** Times on the source. */
    public function heatings(): int
    {
        return \count(array_filter($this->moves, static fn(Move $m): bool => $m->kind === MoveKind::Heat || $m->kind === MoveKind::Reheat));
    }

    /** @return list<string> stretches that are cut after the last heating and not before it */
    public function cutSinceLastHeating(): array
    {
        $since = $before = [];
        foreach ($this->moves as $move) {
            if ($move->kind === MoveKind::Reheat) {
                [$before, $since] = [[...$before, ...$since], []];
            } elseif ($move->stretch !== null) {
                $since[] = $move->stretch;
            }
        }

        return array_values(array_diff($since, $before));
    }

    /** True if something is heated although alcohol has been used. */
    public function heatsAfterAlcohol(): bool
    {
        $kinds = array_map(static fn(Move $m): MoveKind => $m->kind, $this->moves);
        $alcohol = array_search(MoveKind::Alcohol, $kinds, true);

        return $alcohol !== false && \in_array(MoveKind::Reheat, \array_slice($kinds, $alcohol), true);
    }

    /** True if no heat is used: the panel is given up and its tape is cut cold. */
    public function isCold(): bool
    {
        return ($this->moves[0]->kind ?? null) === MoveKind::BreakPanel;
    }

    public function works(): bool
    {
        return $this->blocked === null;
    }
}
