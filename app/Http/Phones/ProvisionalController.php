<?php

declare(strict_types=1);

namespace App\Http\Phones;

use App\Exceptions\Conflict;
use App\Models\DrawingStanding;
use App\Models\PhoneDrawing;
use App\Models\User;
use App\Phones\DrawPhone;
use App\Phones\Families;
use App\Phones\NearPhones;
use App\Phones\PhoneLibrary;
use App\Phones\PhoneRef;
use Facelift\Anatomy\PhoneForms;
use Facelift\Anatomy\PhoneReader;
use Facelift\Capture\FamilyFile;
use Facelift\Capture\Provisional;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Phones that are not in the list: their families, and a first file from what is told at the counter. */
final readonly class ProvisionalController
{
    public function __construct(private Families $families, private PhoneLibrary $phones) {}

    public function families(): JsonResponse
    {
        return new JsonResponse(['data' => array_map(static function (FamilyFile $f): array {
            $body = (new PhoneReader())->read($f->phone)->body;

            return [
                'family' => $f->family->value,
                'tells' => $f->tells,
                'width' => $body->outline->box->width,
                'height' => $body->outline->box->height,
                'thickness' => $body->thickness,
            ];
        }, $this->families->all())]);
    }

    /** Known phones of about this size and kind: it may be one of them. */
    public function near(ProvisionalRequest $request, NearPhones $near): JsonResponse
    {
        return new JsonResponse(['data' => $near->to($request->family(), $request->told())]);
    }

    /** @throws Conflict If there is a phone file of this name. */
    public function store(ProvisionalRequest $request, DrawPhone $draw): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $told = $request->told();
        $document = (new Provisional($this->skeleton($request)))->of($told);
        $last = PhoneDrawing::query()
            ->where('phone', $told->id())
            ->where('standing', DrawingStanding::Kept)
            ->orderByDesc('version')
            ->first();
        $text = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
        if ($this->phones->ships($told->id()) || ($last !== null && $last->document !== $text)) {
            throw Conflict::notReachable(
                "There is a phone file for $told->maker $told->model already: take it from the list.",
            );
        }
        $kept = $draw($user, $told->id(), $last->version ?? 0, $document);
        $id = (string) new PhoneRef($told->id(), $kept->version);

        return new JsonResponse(PhoneController::summary($id, $this->phones->phone($id)), 200);
    }

    /** @throws NotFoundHttpException If there is no phone that it is said to be like. */
    private function skeleton(ProvisionalRequest $request): FamilyFile
    {
        $like = $request->like();
        if ($like === null) {
            return $this->families->of($request->family());
        }
        $document = [];
        foreach ((array) (new PhoneForms())->forward($this->phones->document($like)) as $key => $value) {
            $document[(string) $key] = $value;
        }

        return FamilyFile::like($document);
    }
}
