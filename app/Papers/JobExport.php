<?php

declare(strict_types=1);

namespace App\Papers;

use App\Bench\Orders;
use App\Jobs\ProofTable;
use App\Jobs\Runs;
use App\Jobs\Unread;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\PlanChange;
use App\Phones\PhoneLibrary;
use Facelift\Bench\Run;
use Facelift\Bench\SeenPass;
use Facelift\Bench\SeenPasses;
use Facelift\Condition\ConditionReader;
use Facelift\Document\Unreadable;
use Facelift\Plan\PlanDocument;
use Facelift\Plan\PlanReader;

/** The whole job in the format `facelift-job`, version 1. */
final readonly class JobExport
{
    public function __construct(
        private PhoneLibrary $phones,
        private Runs $runs,
        private ProofTable $proof,
        private Unread $unread,
    ) {}

    /**
     * @return array<string, mixed> without a plan where there is none that works
     */
    public function of(Job $job): array
    {
        $unread = $this->unread->of($job) !== [];
        $run = $unread || $job->plan_works !== true ? null : $this->runs->run($job);
        $part = $job->part;

        return [
            'format' => 'facelift-job',
            'version' => 1,
            'tag' => $job->tag(),
            'phone' => ['id' => $job->phone, 'name' => $this->phones->nameOf($job->phone)],
            'modelCode' => $job->model_code,
            'colour' => $job->colour,
            'customer' => $job->customer,
            'condition' => $unread ? null : $job->condition,
            'kind' => $job->kind?->value,
            'part' => [
                'label' => $part?->label,
                'name' => $part?->name,
                'supplier' => $part?->supplier,
                'batch' => $part?->batch,
            ],
            'plan' => $run === null ? null : json_decode((new PlanDocument())->json($run->plan)),
            'events' => BenchEvent::query()
                ->where('job_id', $job->id)
                ->orderBy('at')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(BenchEvent $e): array => [
                        'id' => $e->id,
                        'type' => $e->type->value,
                        'at' => $e->at,
                        'data' => (object) $e->data,
                    ],
                )
                ->all(),
            'earlierPlans' => PlanChange::query()
                ->with('order')
                ->where('job_id', $job->id)
                ->orderBy('at')
                ->get()
                ->map(
                    fn(PlanChange $c): array => [
                        'at' => $c->at,
                        'trouble' => $c->trouble,
                        'subject' => $c->subject,
                        'step' => $c->step,
                        'agreed' => $c->gross,
                        'order' => $c->order === null ? null : Orders::one($c->order),
                        'plan' => $unread ? json_decode($c->before) : $this->brought($job, $c->before),
                    ],
                )
                ->all(),
            'passes' => $run === null ? [] : $this->passes($job, $run),
            'proof' => $run === null ? [] : $this->rows($this->proof->of($job, $run)['gates']),
            'kept' => $unread ? self::kept($job) : null,
            'handedOver' => $job->handed_over_at?->toIso8601ZuluString(),
        ];
    }

    /**
     * What cannot be read is handed on as the text it was kept as: nothing is lost, and a program that reads it can.
     *
     * @return array{condition: string|null, quote: string|null, plan: string|null}
     */
    private static function kept(Job $job): array
    {
        $text = static fn(string $column): ?string => is_string($raw = $job->getRawOriginal($column)) ? $raw : null;

        return ['condition' => $text('condition'), 'quote' => $text('quote'), 'plan' => $text('plan')];
    }

    /**
     * @param list<array<string, mixed>> $gates
     *
     * @return list<array<string, mixed>>
     */
    private function rows(array $gates): array
    {
        $rows = [];
        foreach ($gates as $gate) {
            foreach (is_array($gate['rows']) ? $gate['rows'] : [] as $row) {
                if (is_array($row)) {
                    $rows[] = [
                        'gate' => $gate['gate'],
                        'function' => $row['function'],
                        'before' => $row['before'],
                        'after' => $row['after'] ?? 'not-tested',
                        'change' => $row['change'],
                        'how' => $row['how'],
                    ];
                }
            }
        }

        return $rows;
    }

    /** An earlier plan in the form of today; one that cannot be read is handed on as it was kept. */
    private function brought(Job $job, string $kept): mixed
    {
        $document = json_decode($kept, true);
        try {
            return json_decode(
                (new PlanDocument())->json((new PlanReader())->read($document, $this->phones->phone($job->phone))),
            );
        } catch (Unreadable) {
            return json_decode($kept);
        }
    }

    /** @return list<array<string, mixed>> every pass that is through, as it went */
    private function passes(Job $job, Run $run): array
    {
        $condition = (new ConditionReader())->read($job->condition ?? []);

        return array_map(static fn(SeenPass $p): array => [
            'bond' => $p->bond,
            'step' => $p->step,
            'mm' => round($p->mm, 1),
            'seconds' => round($p->seconds, 1),
            'starts' => round($p->starts, 1),
            'ends' => round($p->ends, 1),
            'off' => round($p->off, 1),
            'felt' => $p->felt?->value,
            'held' => $p->held,
            'wet' => $p->wet,
            'adhesive' => $p->adhesive->value,
            'state' => $p->state->value,
            'source' => $job->heat_source,
        ], (new SeenPasses($run, $condition))->all());
    }
}
