<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChoosePart;
use App\Http\Requests\ChoosePartRequest;
use App\Http\Resources\JobResource;
use App\Http\Resources\ShelfItemResource;
use App\Models\Job;
use App\Models\ShelfItem;
use App\Support\PhoneLibrary;
use App\Support\Stations;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Criterion;
use Facelift\Fit\Fitter;
use Facelift\Fit\Verdict;
use Facelift\Fit\Wish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class PartController
{
    public function __construct(private PhoneLibrary $phones, private Stations $stations) {}

    public function show(Request $request, Job $job): JsonResponse
    {
        $this->stations->mustReach('part', $job);
        $phone = $this->phones->phone($job->phone);
        $wish = new Wish($job->model_code, $job->kind ?? ReplacementKind::DisplayAssembly, $job->colour);
        $order = array_column(Verdict::cases(), 'value');
        $rows = ShelfItem::query()->with('job')->where('state', '!=', 'faulty')->get()
            ->map(static function (ShelfItem $item) use ($phone, $wish, $request): array {
                $fitting = (new Fitter())->judge($phone, $wish, $item->offer());

                return [
                    'codes' => $item->model_codes,
                    'item' => (new ShelfItemResource($item))->toArray($request),
                    'verdict' => $fitting->verdict()->value,
                    'criteria' => array_map(static fn(Criterion $c): array => ['name' => $c->name, 'verdict' => $c->verdict->value, 'because' => $c->because->toArray()], $fitting->criteria),
                ];
            })
            // Another phone's parts are left out unless they share a code: they would only be noise.
            ->filter(static fn(array $row): bool => array_intersect($row['codes'], array_keys($phone->identity->codes)) !== [])
            ->sortByDesc(static fn(array $row): int => (int) array_search($row['verdict'], $order, true))
            ->map(static fn(array $row): array => ['item' => $row['item'], 'verdict' => $row['verdict'], 'criteria' => $row['criteria']])
            ->values();

        return new JsonResponse(['data' => $rows]);
    }

    public function update(ChoosePartRequest $request, Job $job, ChoosePart $choose): JobResource
    {
        $this->stations->mustReach('part', $job);

        return new JobResource($choose($job, $request->version(), $request->integer('item'))->load('part'));
    }
}
