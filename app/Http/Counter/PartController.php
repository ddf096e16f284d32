<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\Shelf\ShelfItemResource;
use App\Jobs\Planning;
use App\Jobs\Stations;
use App\Models\Job;
use App\Models\PartState;
use App\Models\ShelfItem;
use App\Shelf\ChoosePart;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Criterion;
use Facelift\Fit\Fitter;
use Facelift\Fit\Verdict;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class PartController
{
    private const MOST = 200;

    public function __construct(private Planning $planning, private Stations $stations) {}

    public function show(Request $request, Job $job): JsonResponse
    {
        $this->stations->mustReach('part', $job);
        $asked = $this->planning->asked($job);
        $phone = $asked->phone;
        $wish = $asked->wish($job->kind ?? ReplacementKind::DisplayAssembly);
        $order = array_column(Verdict::cases(), 'value');
        // Another phone's parts are left out unless they share a code: they would only be noise.
        $rows = ShelfItem::query()
            ->with('job')
            ->where(static fn($q) => $q->whereIn('state', PartState::ON_SHELF)->orWhere(
                static fn($o) => $o->where('state', PartState::Ordered)->where('job_id', $job->id),
            ))
            ->whereIn('id', ShelfItem::idsSoldFor(array_keys($phone->identity->codes)))
            ->orderBy('label')
            ->limit(self::MOST)
            ->get()
            ->toBase()
            ->map(static function (ShelfItem $item) use ($phone, $wish, $request): array {
                $fitting = (new Fitter())->judge($phone, $wish, $item->offer());

                return [
                    'item' => (new ShelfItemResource($item))->toArray($request),
                    'verdict' => $fitting->verdict()->value,
                    'criteria' => array_map(
                        static fn(Criterion $c): array => [
                            'name' => $c->name,
                            'verdict' => $c->verdict->value,
                            'because' => $c->because->toArray(),
                            'customer' => $c->customer?->toArray(),
                        ],
                        $fitting->criteria,
                    ),
                ];
            })
            ->sortByDesc(static fn(array $row): int => (int) array_search($row['verdict'], $order, true))
            ->values();

        return new JsonResponse(['data' => $rows]);
    }

    public function update(ChoosePartRequest $request, Job $job, ChoosePart $choose): JobResource
    {
        $this->stations->mustReach('part', $job);

        return new JobResource($choose($job, $request->version(), $request->integer('item'))->load('part'));
    }
}
