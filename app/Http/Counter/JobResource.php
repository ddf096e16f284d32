<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Bench\Orders;
use App\Counter\PhoneHistory;
use App\Http\Shelf\ShelfItemResource;
use App\Jobs\SealWishes;
use App\Jobs\Unread;
use App\Models\Job;
use App\Models\PartOrder;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Job $resource */
final class JobResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $job = $this->resource;
        $user = $request->user();
        $unread = app(Unread::class)->of($job);
        $lost = array_column($unread, 'document');
        $accepted = $job->accepted_at === null || in_array('quote', $lost, true) ? null : $job->quote;

        return JobHead::of($job) + [
            'version' => $job->version,
            'modelCode' => $job->model_code,
            'colour' => $job->colour,
            'imei' => $job->imei,
            // What cannot be read is written down anew, from nothing.
            'condition' => in_array('condition', $lost, true) ? null : $job->condition,
            'kind' => $job->kind?->value,
            'kindReason' => $job->kind_reason,
            'part' => $job->part === null ? null : (new ShelfItemResource($job->part))->toArray($request),
            'order' => self::order($job),
            'source' => $job->heat_source,
            'sourceReason' => $job->heat_reason,
            'seal' => SealWishes::shown($job),
            'school' => $job->school->value,
            'oldPanel' => $job->old_panel->value,
            'comebackOf' => $job->comeback_of === null ? null : self::before($job->comeback_of, $job),
            'worth' => $job->worth,
            'receipt' => $job->receipt === null
                    ? null
                    : [
                        'name' => $job->receipt['name'],
                        'at' => $job->receipt['at'],
                        'drawn' => $job->receipt['strokes'] !== [],
                    ],
            'accepted' => $accepted === null
                    ? null
                    : QuoteResource::accepted(
                        $accepted,
                        $job->accepted_at,
                        $user instanceof User && $user->role !== Role::FrontDesk,
                    ),
            'closedReason' => $job->closed_reason,
            'works' => $job->plan_works,
            'unread' => $unread,
            'mayWork' => $user instanceof User && $user->role !== Role::FrontDesk,
        ];
    }

    /** @return array<string, string|int|null>|null the last part that was ordered before anything was opened */
    private static function order(Job $job): ?array
    {
        $order = PartOrder::query()
            ->where('job_id', $job->id)
            ->whereNull('change_id')
            ->orderByDesc('created_at')
            ->first();

        return $order === null ? null : Orders::one($order);
    }

    /** @return array{id: string, tag: string, covered: bool}|null */
    private static function before(string $id, Job $back): ?array
    {
        $job = Job::query()->find($id);

        return $job === null ? null : [
            'id' => $job->id,
            'tag' => $job->tag(),
            'covered' => app(PhoneHistory::class)->underWarranty($job, $back->created_at),
        ];
    }
}
