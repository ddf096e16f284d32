<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exceptions\Conflict;
use App\Models\ClosedAs;
use App\Models\Job;
use App\Models\PartState;

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
            $waits = $needs[$id] === 'plan' && $id !== 'hand-over' ? self::waits($job) : null;
            $reachable = ($need === null || $done[$need]) && !$refused && $waits === null;
            $why = match (true) {
                $reachable => null,
                $waits !== null => $waits,
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

    /** What has to come before anything is opened; null if all is there. */
    private static function waits(Job $job): ?string
    {
        return match (true) {
            $job->handed_over_at !== null => null,
            $job->comes_on !== null
                => sprintf('The phone comes on %s.', $job->comes_on->isoFormat('D MMM')),
            $job->part?->state === PartState::Ordered => sprintf('%s is on its way.', $job->part->label),
            default => null,
        };
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
