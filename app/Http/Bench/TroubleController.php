<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Bench\Orders;
use App\Bench\PriceTrouble;
use App\Bench\ReportDrag;
use App\Bench\ReportTrouble;
use App\Http\Counter\JobResource;
use App\Http\Reasons;
use App\Jobs\Runs;
use App\Jobs\ShopBook;
use App\Models\Job;
use App\Models\PlanChange;
use App\Models\User;
use App\Phones\PhoneLibrary;
use Facelift\Bench\Aftermath;
use Facelift\Bench\Consequence;
use Facelift\Cost\Further;
use Facelift\Quantity\Money;
use Illuminate\Http\JsonResponse;

/** Troubles at the bench: what can happen at a step and what would follow, what has happened, and that it has. */
final readonly class TroubleController
{
    public function __construct(private Runs $runs, private PhoneLibrary $phones) {}

    public function index(Job $job): JsonResponse
    {
        $phone = $this->phones->phone($job->phone);

        return new JsonResponse([
            'data' => PlanChange::query()
                ->with('order')
                ->where('job_id', $job->id)
                ->where('trouble', '!=', ReportDrag::KEPT_AS)
                ->orderBy('at')
                ->get()
                ->map(
                    static fn(PlanChange $c): array => [
                        'id' => $c->id,
                        'at' => $c->at,
                        'trouble' => $c->trouble,
                        'subject' => $c->subject,
                        'name' => $phone->nameOf($c->subject),
                        'step' => $c->step,
                        'because' => array_map(
                            static fn(array $r): array => ['code' => $r['code'], 'figures' => (object) $r['figures']],
                            $c->because,
                        ),
                        'quote' => $c->quote,
                        'agreed' => $c->gross,
                        'part' => $c->part === null ? null : ['id' => $c->part, 'name' => $phone->nameOf($c->part)],
                        'order' => $c->order === null ? null : Orders::one($c->order),
                    ],
                )
                ->all(),
        ]);
    }

    public function possible(Job $job, string $step): JsonResponse
    {
        $phone = $this->phones->phone($job->phone);
        $all = (new Aftermath($this->runs->plan($job)))->possible($step);

        return new JsonResponse([
            'data' => array_map(
                static fn(Consequence $c): array => [
                    'trouble' => $c->trouble->value,
                    'subject' => $c->subject,
                    'name' => $phone->nameOf($c->subject),
                    'because' => Reasons::of($c->because),
                    'stops' => $c->stops,
                    'quote' => $c->quote,
                ],
                $all,
            ),
        ]);
    }

    public function store(TroubleRequest $request, Job $job, ReportTrouble $report): JobResource
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JobResource(
            $report(
                $job,
                $user,
                mb_strtolower($request->text('id')),
                $request->integer('at'),
                $request->text('step'),
                $request->text('trouble'),
                $request->text('subject'),
            ),
        );
    }

    /** What the customer would be asked for on top; nothing is kept. */
    public function price(TroublePriceRequest $request, Job $job, ShopBook $book): JsonResponse
    {
        $rules = $book->rules();

        return new JsonResponse([
            'currency' => $rules->currency,
            'gross' => (string) Further::of(Money::of($request->cost()), $request->integer('minutes'), $rules)->gross(),
        ]);
    }

    public function agree(AgreeTroublePriceRequest $request, Job $job, string $change, PriceTrouble $agree): JobResource
    {
        return new JobResource(
            $agree(
                $job,
                $request->integer('version'),
                $change,
                $request->cost(),
                $request->integer('minutes'),
                $request->string('gross')->toString(),
            )->load('part'),
        );
    }
}
