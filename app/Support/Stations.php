<?php

declare(strict_types=1);

namespace App\Support;

use App\Exceptions\Conflict;
use App\Models\Job;
use Facelift\Bench\BenchState;

/** The stations of a job: which are done, which can be reached, and why not. */
final readonly class Stations
{
    public const ORDER = ['check-in', 'scope', 'part', 'plan', 'bench', 'prove', 'hand-over'];

    /**
     * @return list<array{id: string, done: bool, reachable: bool, why: string|null}>
     */
    public function of(Job $job, ?BenchState $state, ?string $next): array
    {
        $planned = $job->plan !== null;
        $works = ($job->plan['works'] ?? false) === true;
        $closed = $job->handed_over_at !== null;
        $done = [
            'check-in' => $job->condition !== null,
            'scope' => $job->kind !== null,
            'part' => $job->part !== null,
            'plan' => $planned && $works,
            'bench' => $closed || ($state !== null && $next === null),
            'prove' => $closed || ($state !== null && $next === null),
            'hand-over' => $closed,
        ];
        $needs = ['check-in' => null, 'scope' => 'check-in', 'part' => 'scope', 'plan' => 'part', 'bench' => 'plan', 'prove' => 'plan', 'hand-over' => 'plan'];

        return array_map(static function (string $id) use ($done, $needs, $planned, $works): array {
            $need = $needs[$id];
            $reachable = $need === null || $done[$need];
            $why = match (true) {
                $reachable => null,
                $need === 'plan' && $planned && !$works => 'The plan does not work with this source. Change the setting in Plan.',
                default => 'First: ' . ['check-in' => 'Check-in', 'scope' => 'Scope', 'part' => 'Part', 'plan' => 'Plan'][$need] . '.',
            };

            return ['id' => $id, 'done' => $done[$id], 'reachable' => $reachable, 'why' => $why];
        }, self::ORDER);
    }

    /** @throws Conflict If the station cannot be reached yet. */
    public function mustReach(string $station, Job $job): void
    {
        foreach ($this->of($job, null, null) as $row) {
            if ($row['id'] === $station && !$row['reachable']) {
                throw Conflict::notReachable((string) $row['why']);
            }
        }
    }
}
