<?php

declare(strict_types=1);

namespace App\Counter;

use App\Jobs\Runs;
use App\Models\CameBack;
use App\Models\Job;
use App\Models\ShelfItem;
use App\Words\Words;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Bench\Run;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Touches;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Proof\Fault\Suspicions;

/**
 * What the job before had used of that with which a phone comes back: adhesive, part, method, and the step that it
 * most likely goes back to.
 */
final readonly class TiedTo
{
    public function __construct(private Runs $runs, private Words $words) {}

    /**
     * @return array{
     *     adhesive: array{bond: string, way: string|null, laid: int|null, clamped: float|null}|null,
     *     part: array{label: string, supplier: string, batch: string}|null,
     *     method: array{source: string|null}, step: array{id: string, title: string, at: int}|null
     * }
     */
    public function of(Job $before, CameBack $what, ?PhoneFunction $function): array
    {
        $run = $this->runs->run($before);
        $part = $before->part;
        $ofPart = $what === CameBack::Picture || ($function?->isOfTheDisplay() === true);
        $step = match (true) {
            $what === CameBack::EdgeLifts, $what === CameBack::Creaks => $this->doneOf($run, StepKind::LaySeal),
            $function !== null => $this->behind($run, $function),
            default => null,
        };

        return [
            'adhesive' => $what === CameBack::EdgeLifts || $what === CameBack::Creaks ? $this->adhesive($run) : null,
            'part' => $ofPart && $part instanceof ShelfItem
                ? ['label' => $part->label, 'supplier' => $part->supplier, 'batch' => $part->batch]
                : null,
            'method' => ['source' => $run->plan->basis->source->kind->value],
            'step' => $step === null ? null : [
                'id' => $step->id,
                'title' => $this->words->coded('step.' . $step->kind()->value, $step->act->figures),
                'at' => $run->state->done[$step->id]->at ?? 0,
            ],
        ];
    }

    /** @return array{bond: string, way: string|null, laid: int|null, clamped: float|null}|null */
    private function adhesive(Run $run): ?array
    {
        $step = $this->doneOf($run, StepKind::LaySeal);
        if ($step === null) {
            return null;
        }
        $bond = $step->act->subjects[0];
        $clamp = $run->clampOf($bond);

        return [
            'bond' => $run->plan->basis->phone->nameOf($bond),
            'way' => ($run->plan->sealing->seals[$bond] ?? null)?->way?->value,
            'laid' => $run->state->done[$step->id]->at ?? null,
            'clamped' => $clamp === null ? null : $run->waited($clamp)?->seconds(),
        ];
    }

    /** The bond of what was replaced, and if there is none the one laid last. */
    private function doneOf(Run $run, StepKind $kind): ?Step
    {
        $found = null;
        foreach (array_intersect_key($run->plan->steps, $run->state->done) as $step) {
            $bond = $step->kind() === $kind ? $run->plan->basis->phone->bonds[$step->act->subjects[0]] ?? null : null;
            if ($bond !== null && $run->plan->basis->replaces($bond->lifted())) {
                return $step;
            }
            $found = $step->kind() === $kind ? $step : $found;
        }

        return $found;
    }

    /** The last step that touched what most likely makes a function fail. */
    private function behind(Run $run, PhoneFunction $function): ?Step
    {
        $phone = $run->plan->basis->phone;
        $all = (new Suspicions($phone, $run->plan->route, $run->plan->sealing->seals))->all();
        usort(
            $all,
            static fn(Suspicion $a, Suspicion $b): int => $b->prior * $b->reaches($function)
                <=> $a->prior * $a->reaches($function),
        );
        $done = array_values(array_intersect_key($run->plan->steps, $run->state->done));
        foreach ($all as $suspicion) {
            $last = Touches::fromTheStart($suspicion->kind) || $suspicion->reaches($function) <= 0.0
                ? null
                : (new Touches($phone))->last($suspicion, $done);
            if ($last !== null) {
                return $done[$last];
            }
        }

        return null;
    }
}
