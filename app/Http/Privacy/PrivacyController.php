<?php

declare(strict_types=1);

namespace App\Http\Privacy;

use App\Models\Job;
use App\Models\ShopSetting;
use App\Phones\PhoneLibrary;
use App\Privacy\CustomerFile;
use App\Privacy\KeepingTime;
use App\Privacy\MakeNameless;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** What is kept of customers: how long, everything of one of them, and taken out on their wish. The owner's. */
final readonly class PrivacyController
{
    public function __construct(private KeepingTime $time, private PhoneLibrary $phones) {}

    /** With how many jobs would be over the time that is asked about. */
    public function show(LookRequest $request): JsonResponse
    {
        $row = $this->time->row();

        return new JsonResponse(
            $this->row($row, $request->has('months') ? $request->integer('months') : $row->keep_months),
        );
    }

    public function update(KeepingTimeRequest $request): JsonResponse
    {
        return new JsonResponse(
            $this->row($this->time->keep($request->version(), $request->months()), $request->months()),
        );
    }

    /** Closed jobs of customers of exactly this name, for the owner to tell which of them are meant. */
    public function jobs(CustomerRequest $request): JsonResponse
    {
        $jobs = Job::query()
            ->where('customer', $request->customer())
            ->orderByDesc('number')
            ->limit(CustomerJobsRequest::MOST)
            ->get(['id', 'number', 'phone', 'imei', 'handed_over_at', 'created_at']);

        return new JsonResponse(['data' => $jobs->map(fn(Job $j): array => [
            'id' => $j->id,
            'tag' => $j->tag(),
            'phone' => $this->phones->nameOf($j->phone),
            'imei' => $j->imei,
            'cameIn' => $j->created_at->toIso8601ZuluString(),
            'closed' => $j->handed_over_at?->toIso8601ZuluString(),
        ])->all()]);
    }

    public function file(CustomerJobsRequest $request, CustomerFile $file): Response
    {
        return new Response($file->of($request->jobs()), 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="customer.zip"',
        ]);
    }

    /** All of them or none. */
    public function nameless(CustomerJobsRequest $request, MakeNameless $nameless): Response
    {
        $jobs = $request->jobs();
        DB::transaction(static function () use ($jobs, $nameless): void {
            foreach ($jobs as $job) {
                $nameless($job);
            }
        });

        return new Response(status: 204);
    }

    /** @return array<string, int> with how many jobs are over so many months */
    private function row(ShopSetting $row, int $months): array
    {
        return [
            'version' => $row->version,
            'keepMonths' => $row->keep_months,
            'over' => $this->time->over($months),
        ];
    }
}
