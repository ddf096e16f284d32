<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Exceptions\Conflict;
use App\Models\SearchText;
use App\Models\ShelfItem;
use App\Papers\LabelSheet;
use App\Papers\ShelfLabel;
use App\Shelf\PartsList\Export;
use App\Shelf\ShelfLabels;
use App\Words\ShopAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class ShelfController
{
    public const PAGE = 50;
    /** the last page that can be asked for */
    public const LAST = 20_000;
    private const MOST_LABELS = 300;

    public function index(Request $request): JsonResponse
    {
        $page = min(self::LAST, max(1, $request->integer('page', 1)));
        $words = SearchText::boolean($request->string('q')->limit(60, '')->toString());
        $query = ShelfItem::query()->with('job');
        if ($words !== null) {
            $query->whereFullText('search', $words, ['mode' => 'boolean']);
        }
        if ($request->filled('state')) {
            $query->where('state', $request->string('state')->toString());
        }
        // One more than shown says whether there is another page; counting a whole shelf would cost more than it tells.
        $rows = $query->orderBy('id')->offset(($page - 1) * self::PAGE)->limit(self::PAGE + 1)->get();

        return new JsonResponse([
            'data' => ShelfItemResource::collection($rows->take(self::PAGE)),
            'page' => $page,
            'more' => $rows->count() > self::PAGE,
        ]);
    }

    public function show(string $label): ShelfItemResource
    {
        return new ShelfItemResource(ShelfItem::query()->with('job')->where('label', $label)->firstOrFail());
    }

    public function store(ShelfItemRequest $request, ShelfLabels $labels): JsonResponse
    {
        $item = DB::connection()->transaction(static function () use ($request, $labels): ShelfItem {
            $fields = $request->item();
            $label = $request->filled('label')
                ? $request->string('label')->toString()
                : $labels->next();
            $fields['label'] = $label;
            if (ShelfItem::query()->where('label', $label)->exists()) {
                throw ValidationException::withMessages([
                    'label' => $label . ' is on the shelf already. Nothing was kept; give this one another label.',
                ]);
            }

            return ShelfItem::query()->create($fields)->refresh();
        });

        return (new ShelfItemResource($item->load('job')))->response($request)->setStatusCode(201);
    }

    public function update(ShelfItemRequest $request, ShelfItem $item): ShelfItemResource
    {
        return DB::connection()->transaction(static function () use ($request, $item): ShelfItemResource {
            $locked = ShelfItem::query()->lockForUpdate()->findOrFail($item->id);
            $locked->fill(array_diff_key($request->item(), ['label' => true]));
            if ($locked->isDirty()) {
                if ($locked->version !== $request->integer('version')) {
                    throw Conflict::staleItem($locked);
                }
                if ($locked->job_id !== null && $locked->isDirty(['kind', 'model_codes', 'state'])) {
                    throw Conflict::partTaken($locked->label);
                }
                ++$locked->version;
                $locked->save();
            }

            return new ShelfItemResource($locked->load('job'));
        });
    }

    /** A sheet of labels with a code that opens the item. */
    public function labels(Request $request, LabelSheet $sheet): Response
    {
        $labels = array_slice(explode(',', $request->string('labels')->toString()), 0, self::MOST_LABELS);
        $items = ShelfItem::query()->whereIn('label', $labels)->orderBy('id')->get();
        if ($items->isEmpty()) {
            throw ValidationException::withMessages([
                'labels' => 'None of these labels is on the shelf. Choose them in the list.',
            ]);
        }

        $origin = ShopAddress::of();
        $cards = array_values($items->map(static fn(ShelfItem $i): ShelfLabel => ShelfLabel::of($i, $origin))->all());

        return new Response($sheet->pdf($cards), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="labels.pdf"',
        ]);
    }

    public function export(Export $export): StreamedResponse
    {
        return new StreamedResponse(static function () use ($export): void {
            foreach ($export->of() as $text) {
                echo $text;
            }
        }, 200, ['Content-Type' => 'text/csv', 'Content-Disposition' => 'attachment; filename="shelf.csv"']);
    }
}
