<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\PhoneLibrary;
use Facelift\Anatomy\Phone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class PhoneController
{
    public function __construct(private PhoneLibrary $phones) {}

    public function index(Request $request): JsonResponse
    {
        $found = $this->phones->search($request->string('q')->limit(60, '')->toString());

        return new JsonResponse(['data' => array_map(self::summary(...), $found)]);
    }

    public function show(string $phone): JsonResponse
    {
        return new JsonResponse($this->phones->document($phone));
    }

    /** @return array<string, mixed> */
    private static function summary(Phone $phone): array
    {
        $i = $phone->identity;
        $codes = array_map(static fn(string $code): array => ['code' => $code, 'region' => $i->codes[$code]], array_keys($i->codes));

        return ['id' => $i->id, 'maker' => $i->maker, 'model' => $i->model, 'year' => $i->year, 'family' => $phone->family->value, 'codes' => $codes, 'colours' => $i->colours];
    }
}
