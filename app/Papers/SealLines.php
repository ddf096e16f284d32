<?php

declare(strict_types=1);

namespace App\Papers;

use App\Words\RecordWords;
use App\Words\ShopTime;
use App\Words\Words;
use Facelift\Anatomy\Bond;
use Facelift\Bench\AfterSeal;
use Facelift\Bench\Run;
use Facelift\Plan\StepKind;

/** Every bond that was made again, how its clamps really were on, and from when it bears what. */
final readonly class SealLines
{
    public function __construct(private Words $words, private RecordWords $record, private ShopTime $time) {}

    /**
     * @return list<array{
     *     name: string, how: string, done: string|null, clamped: string|null, carried: string|null,
     *     loaded: string|null
     * }>
     */
    public function of(Run $run): array
    {
        $rows = [];
        foreach ($run->plan->steps as $step) {
            $bond = $step->kind() === StepKind::LaySeal
                ? $run->plan->basis->phone->bonds[$step->act->subjects[0]] ?? null
                : null;
            if ($bond === null) {
                continue;
            }
            $done = $run->state->done[$step->id] ?? null;
            $renewed = $done !== null && !$done->saysNotRenewed();
            $after = $renewed ? AfterSeal::of($run, $bond->id) : null;
            $rows[] = [
                'name' => $bond->name,
                'how' => $done !== null && !$renewed
                    ? $this->words->say('record.not-renewed-short')
                    : $this->how($run, $bond),
                'done' => $done === null ? null : $this->time->ms($done->at),
                'clamped' => $this->clamped($run, $bond->id),
                'carried' => $after?->carried === null ? null : $this->time->ms($after->carried),
                'loaded' => $after?->loaded === null ? null : $this->time->ms($after->loaded),
            ];
        }

        return $rows;
    }

    private function clamped(Run $run, string $bond): ?string
    {
        $clamp = $run->clampOf($bond);
        $waited = $clamp === null ? null : $run->waited($clamp);

        return match (true) {
            $waited !== null => $this->record->clamped($waited),
            $clamp === null => null,
            default => $this->words->say('record.not-clamped'),
        };
    }

    private function how(Run $run, Bond $bond): string
    {
        $way = ($run->plan->sealing->seals[$bond->id] ?? null)?->way;

        return $this->words->say($way === null ? 'renewal.' . $bond->closing->renewal->value : 'way.' . $way->value);
    }
}
