<?php

declare(strict_types=1);

namespace App\Http\Seal;

use App\Jobs\SealWishes;
use App\Phones\PhoneLibrary;
use Facelift\Plan\SealDocument;
use Facelift\Seal\WayFinder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The seal desk: ways of making a bond again, worked out outside of a job. */
final readonly class SealController
{
    public function __construct(private PhoneLibrary $phones, private SealWishes $wishes) {}

    public function show(SealQuery $query): JsonResponse
    {
        $request = $query->sealRequest($this->phones, $this->wishes);

        return new JsonResponse((new SealDocument())->write($request, (new WayFinder())->find($request)));
    }

    public function sheet(SealQuery $query, string $format, CutSheets $sheets): Response
    {
        $request = $query->sealRequest($this->phones, $this->wishes);
        $choice = (new WayFinder())->find($request);
        $way = $query->way();

        return $sheets->of(
            $request,
            $way === null ? $choice->recommended() : $choice->by($way),
            $format,
            $request->phone->identity->id . '-' . $request->bond->id,
        );
    }
}
