<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Condition\Condition;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Reading;
use Facelift\Heat\Uncertainty;

/** Every reading of a run beside what was foreseen for it, before any reading had corrected that. */
final readonly class SeenReadings
{
    /**
     * Readings of the plan's own source; none of a sticker, which only says that it was hotter than something.
     *
     * @param Condition $condition of the phone, as the plan was made for
     *
     * @return list<SeenReading>
     */
    public static function of(Run $run, Condition $condition): array
    {
        $source = $run->plan->basis->source;
        $state = $condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh;
        $seen = [];
        foreach (array_keys($run->plan->sealing->openings) as $bond) {
            $heat = SeenHeat::of($run, $run->plan->basis->phone->bonds[$bond]);
            $read = array_filter(
                $heat?->record->readingsOfSource() ?? [],
                static fn(Reading $r): bool => $r->sticker === null,
            );
            if ($heat === null || $read === []) {
                continue;
            }
            $likely = $heat->by($source);
            $hottest = $heat->by(Uncertainty::of($source, $state)->hottest($source));
            foreach ($read as $r) {
                $foreseen = $r->probe->of(SeenHeat::at($likely, $r->second));
                $apart = $r->probe->of(SeenHeat::at($hottest, $r->second)) - $foreseen;
                $off = hypot($apart / Uncertainty::NINETY_FIVE, Reading::ERROR);
                $seen[] = new SeenReading($foreseen, $off, $r->celsius);
            }
        }

        return $seen;
    }
}
