<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\OldPartKept;
use App\Papers\LabelSheet;
use App\Papers\ShelfLabel;
use App\Phones\PhoneLibrary;
use Facelift\Bench\Stream;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\URL;

/** Frames and panels that stayed in the shop, for parts. */
final readonly class OldPartController
{
    private const MOST = 100;

    public function __construct(private PhoneLibrary $phones) {}

    public function index(): JsonResponse
    {
        $kept = OldPartKept::query()
            ->with('job:id,number,phone,model_code')
            ->whereIn('goes', [Stream::Kept, Stream::Salvage])
            ->whereNull('used_at')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return new JsonResponse(['data' => $kept->map($this->one(...))->all()]);
    }

    /** It was taken for another phone: it no longer lies there. Again does no harm. */
    public function use(OldPartKept $part): JsonResponse
    {
        $part->used_at ??= Carbon::now();
        $part->save();

        return new JsonResponse($this->one($part));
    }

    public function label(OldPartKept $part, LabelSheet $sheet): Response
    {
        abort_if($part->label === null, 404);
        $label = new ShelfLabel(
            $part->label,
            [$part->name, $this->phones->nameOf($part->job->phone ?? ''), $part->job?->tag() ?? ''],
            (string) $part->place,
            URL::to('/shelf-kept'),
        );

        return new Response($sheet->pdf([$label]), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $part->label . '.pdf"',
        ]);
    }

    /** @return array<string, mixed> */
    private function one(OldPartKept $part): array
    {
        return [
            'id' => $part->id,
            'label' => $part->label,
            'name' => $part->name,
            'phone' => $this->phones->nameOf($part->job->phone ?? ''),
            'modelCode' => $part->job?->model_code,
            'tag' => $part->job?->tag(),
            'goes' => $part->goes->value,
            'place' => $part->place,
            'used' => $part->used_at !== null,
        ];
    }
}
