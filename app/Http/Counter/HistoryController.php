<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\PhoneHistory;
use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Condition\Imei;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A phone seen before, by its IMEI. */
final readonly class HistoryController
{
    public function __invoke(Request $request, PhoneHistory $history, PhoneLibrary $phones): JsonResponse
    {
        $imei = $request->string('imei')->toString();
        $jobs = Imei::isValid($imei) ? $history->of($imei)->all() : [];

        return new JsonResponse([
            'valid' => Imei::isValid($imei),
            'data' => array_values(
                array_map(
                    static fn(Job $j): array => [
                        'id' => $j->id,
                        'tag' => $j->tag(),
                        'phone' => $phones->nameOf($j->phone),
                        'customer' => $j->customer,
                        'kind' => $j->kind?->value,
                        'part' => $j->part?->label,
                        'closedAs' => $j->closed_as,
                        'closedAt' => $j->handed_over_at?->toIso8601ZuluString(),
                        'warranty' => $history->underWarranty($j),
                    ],
                    $jobs,
                ),
            ),
        ]);
    }
}
