<?php

declare(strict_types=1);

namespace App\Http\Audit;

use App\Models\Audit;
use App\Shelf\PartsList\CsvFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Who changed what, when, from what to what; the owner's to read. */
final readonly class AuditController
{
    private const PAGE = 50;

    /** The latest first, those before a line on further pages. */
    public function index(AuditRequest $request): JsonResponse
    {
        $query = Audit::query()->with('user:id,name')->orderByDesc('id')->limit(self::PAGE + 1);
        if ($request->before() !== null) {
            $query->where('id', '<', $request->before());
        }
        if ($request->about() !== null) {
            $query->where('about', $request->about());
        }
        $rows = $query->get();

        return new JsonResponse([
            'data' => $rows->take(self::PAGE)->map(self::row(...))->values(),
            'more' => $rows->count() > self::PAGE,
        ]);
    }

    /** All of it, oldest first, a line for a field. */
    public function export(): StreamedResponse
    {
        return new StreamedResponse(static function (): void {
            echo CsvFile::line(
                'id',
                'at',
                'who',
                'about',
                'name',
                'act',
                'field',
                'from',
                'to',
            );
            foreach (Audit::query()->with('user:id,name')->lazyById(500) as $a) {
                foreach ($a->changes === [] ? [['', null, null]] : $a->changes as [$field, $from, $to]) {
                    echo CsvFile::line(
                        (string) $a->id,
                        Carbon::createFromTimestampMs($a->at)->toIso8601ZuluString('millisecond'),
                        $a->user->name ?? '',
                        $a->about->value,
                        $a->name,
                        $a->act->value,
                        $field,
                        $from ?? '',
                        $to ?? '',
                    );
                }
            }
        }, 200, ['Content-Type' => 'text/csv', 'Content-Disposition' => 'attachment; filename="changes.csv"']);
    }

    /** @return array<string, mixed> */
    private static function row(Audit $a): array
    {
        return [
            'id' => $a->id,
            'at' => $a->at,
            'who' => $a->user?->name,
            'about' => $a->about,
            'of' => $a->of,
            'name' => $a->name,
            'act' => $a->act,
            'changes' => array_map(
                static fn(array $c): array => ['field' => $c[0], 'from' => $c[1], 'to' => $c[2]],
                $a->changes,
            ),
        ];
    }
}
