<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\ClosedAs;
use App\Models\Job;

/** The stations of a job: which are done, which can be reached, and why not. */
final readonly class Stations
{
    public const ORDER = ['check-in', 'scope', 'part', 'quote', 'plan', 'bench', 'prove', 'hand-over'];

    /**
     * @return list<array{id: string, done: bool, reachable: bool, why: string|null}>
     */
    public function of(Job $job): array
    {
        $planned = $job->plan_works !== null;
        $works = $job->plan_works === true;
        $worked = $works && $job->next_step === null;
        $closed = $job->handed_over_at !== null;
        $done = [
            'check-in' => $job->condition !== null,
            'scope' => $job->kind !== null,
            'part' => $job->part !== null || $job->closed_as === ClosedAs::Refused,
            'quote' => $job->accepted_at !== null,
            'plan' => $planned && $works,
            'bench' => $closed || $worked,
            'prove' => $closed || $worked,
            'hand-over' => $closed,
        ];
        $needs = [
            'check-in' => null,
            'scope' => 'check-in',
            'part' => 'scope',
            'quote' => 'part',
            'plan' => 'quote',
            'bench' => 'plan',
            'prove' => 'plan',
            'hand-over' => 'plan',
        ];

        return array_map(static function (string $id) use ($done, $needs, $planned, $works, $job): array {
            $need = $needs[$id];
            $refused
                = $job->closed_as === ClosedAs::Refused && in_array($id, ['plan', 'bench', 'prove', 'hand-over'], true);
            $reachable = ($need === null || $done[$need]) && !$refused;
            $why = match (true) {
                $reachable => null,
                $refused => 'The quote was refused: the phone was handed back.',
                $need === 'plan' && $planned && !$works
                    => 'The plan does not work with this source. Change the setting in Plan.',
                $need === null => null,
                default => 'First: '
                    . [
                        'check-in' => 'Check-in',
                        'scope' => 'Scope',
                        'part' => 'Part',
                        'quote' => 'Quote',
                        'plan' => 'Plan',
                    ][$need]
                    . '.',
            };

            return ['id' => $id, 'done' => $done[$id], 'reachable' => $reachable, 'why' => $why];
        }, self::ORDER);
    }

    /** @throws Conflict If the station cannot be reached yet. */
    public function mustReach(string $station, Job $job): void
    {
        foreach ($this->of($job) as $row) {
            if ($row['id'] === $station && !$row['reachable']) {
                throw Conflict::notReachable((string) $row['why']);
            }
        }
    }
}
