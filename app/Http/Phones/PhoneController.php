<?php

declare(strict_types=1);

namespace App\Http\Phones;

use App\Phones\PhoneLibrary;
use Facelift\Anatomy\LookAlikes;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Fit\KnownPart;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class PhoneController
{
    public function __construct(private PhoneLibrary $phones) {}

    public function index(Request $request): JsonResponse
    {
        $found = $this->phones->search($request->string('q')->limit(60, '')->toString());

        return new JsonResponse(['data' => array_map(self::summary(...), array_keys($found), array_values($found))]);
    }

    /** Which phones are left after the answers, and the question that tells those apart best. */
    public function tellApart(TellApartRequest $request): JsonResponse
    {
        $found = $this->phones->search($request->string('q')->toString());
        $left = (new LookAlikes())->left(array_values($found), $request->answers());
        $question = count($left) > 1 ? (new LookAlikes())->question($left) : null;

        return new JsonResponse([
            'left' => array_map(
                static fn(Phone $p): array => self::summary((string) array_search($p, $found, true), $p),
                $left,
            ),
            'question' => $question === null
                    ? null
                    : [
                        'feature' => $question['feature']->value,
                        'options' => array_map(
                            static fn(int|string $answer): array => [
                                'answer' => (string) $answer,
                                'leaves' => $question['options'][$answer],
                            ],
                            array_keys($question['options']),
                        ),
                    ],
        ]);
    }

    public function show(string $phone): JsonResponse
    {
        return new JsonResponse($this->phones->document($phone));
    }

    /** What is known of the parts that there are for a phone: all that has not to be typed when one is taken in. */
    public function parts(Request $request, string $phone): JsonResponse
    {
        $file = $this->phones->phone($phone);
        $code = $request->filled('code') ? $request->string('code')->limit(40, '')->toString() : null;

        return new JsonResponse([
            'data' => array_map(static function (Replacement $r) use ($file, $code): array {
                $known = KnownPart::of($file, $r, $code);

                return [
                    'kind' => $known->kind,
                    'name' => KnownPart::nameOf($file, $r),
                    'modelCodes' => $known->modelCodes,
                    'connector' => $known->connectorCode,
                    'technology' => $known->technology,
                    'refresh' => $known->refresh,
                    'brings' => $known->brings,
                ];
            }, array_values($file->replacements)),
        ]);
    }

    /** @return array<string, mixed> */
    public static function summary(string $id, Phone $phone): array
    {
        $i = $phone->identity;
        $codes = array_map(
            static fn(string $code): array => ['code' => $code, 'region' => $i->codes[$code]],
            array_keys($i->codes),
        );

        return [
            'id' => $id,
            'file' => $i->id,
            'maker' => $i->maker,
            'model' => $i->model,
            'year' => $i->year,
            'family' => $phone->family->value,
            'codes' => $codes,
            'colours' => $i->colours,
        ];
    }
}
