<?php

declare(strict_types=1);

namespace App\Http\Phones;

use App\Models\DrawingStanding;
use App\Models\PhoneDrawing;
use App\Models\User;
use App\Phones\DrawPhone;
use App\Phones\PhoneBench;
use App\Phones\PhoneLibrary;
use App\Phones\PhoneRef;
use App\Phones\ReviewDrawing;
use Facelift\Anatomy\PhoneDifference;
use Facelift\Document\JsonText;
use Facelift\Geometry\NoOutline;
use Facelift\Geometry\SvgOutline;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The workbench for phone files: checking as they are drawn, keeping versions, and saying what changed. */
final readonly class PhoneFileController
{
    public function __construct(private PhoneLibrary $phones) {}

    public function check(PhoneFileRequest $request, PhoneBench $bench): JsonResponse
    {
        $answer = $bench->check($request->document());

        return new JsonResponse(['hints' => array_map(self::objects(...), $answer['hints'])] + $answer);
    }

    public function show(string $phone): JsonResponse
    {
        $kept = PhoneDrawing::query()->where('phone', $phone)->where('standing', DrawingStanding::Kept);
        $drawn = $kept->max('version');
        $version = is_numeric($drawn) ? (int) $drawn : 0;

        return new JsonResponse([
            'version' => $version,
            'ships' => $this->phones->ships($phone),
            // As it was written: an object without members stays one.
            'document' => json_decode(
                $this->phones->text((string) new PhoneRef($phone, $version > 0 ? $version : null)),
                false,
                64,
                JSON_THROW_ON_ERROR,
            ),
        ]);
    }

    public function update(PhoneFileRequest $request, string $phone, DrawPhone $draw): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $drawn = $draw($user, $phone, $request->integer('version'), $request->document());

        return new JsonResponse([
            'version' => $drawn->version,
            'id' => (string) new PhoneRef($drawn->phone, $drawn->version),
        ]);
    }

    /** Every version with what changed from the one before it. */
    public function versions(string $phone): JsonResponse
    {
        $rows = [];
        $before = $this->phones->ships($phone) ? $this->asArray($this->phones->document($phone)) : [];
        $all = PhoneDrawing::query()
            ->with(['user', 'reviewer'])
            ->where('phone', $phone)
            ->where('standing', '!=', DrawingStanding::Bench);
        foreach ($all->orderBy('version')->get() as $drawn) {
            $after = $this->asArray(json_decode($drawn->document, true, 64, JSON_THROW_ON_ERROR));
            $changes = $before === [] ? [] : (new PhoneDifference())->between($before, $after);
            $rows[] = [
                'version' => $drawn->version,
                'standing' => $drawn->standing->value,
                'by' => $drawn->user->name,
                'at' => $drawn->drawn_at->toIso8601ZuluString(),
                'reviewedBy' => $drawn->reviewer?->name,
                'changes' => array_map(static fn($r): array => self::objects($r->toArray()), $changes),
            ];
            $before = $drawn->standing === DrawingStanding::Kept ? $after : $before;
        }

        return new JsonResponse(['data' => array_reverse($rows)]);
    }

    /** Another hand looks at a version, or decides what is proposed. */
    public function review(ReviewRequest $request, string $phone, int $version, ReviewDrawing $review): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $drawn = $review($user, $phone, $version, $request->boolean('good'));

        return new JsonResponse(['version' => $drawn->version, 'standing' => $drawn->standing->value]);
    }

    /** Whether a file's text says each thing once; what a page decodes by itself does not tell. */
    public function text(PhoneTextRequest $request): Response
    {
        JsonText::read($request->text(), 'phone file');

        return new Response(status: 204);
    }

    public function outline(OutlineRequest $request): JsonResponse
    {
        try {
            $outline = SvgOutline::read($request->string('svg')->toString());
        } catch (NoOutline $e) {
            throw ValidationException::withMessages(['svg' => $e->getMessage() . '. Nothing was taken over.']);
        }

        return new JsonResponse([
            'width' => $outline->width,
            'height' => $outline->height,
            'cornerRadius' => $outline->radius,
        ]);
    }

    /** @return array<string, mixed> */
    private function asArray(mixed $document): array
    {
        /** @var array<string, mixed> */
        return is_array($document) ? $document : [];
    }

    /** @return array<string, mixed> */
    private static function objects(mixed $reason): array
    {
        assert(is_array($reason));

        return ['code' => $reason['code'], 'figures' => (object) $reason['figures']];
    }
}
