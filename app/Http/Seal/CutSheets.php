<?php

declare(strict_types=1);

namespace App\Http\Seal;

use App\Exceptions\Conflict;
use App\Papers\Sheets;
use Facelift\Seal\CutDrawing;
use Facelift\Seal\DxfSheet;
use Facelift\Seal\SealRequest;
use Facelift\Seal\SvgSheet;
use Facelift\Seal\WayOffer;
use Illuminate\Http\Response;

/** A cut sheet at 1:1 as an answer: SVG, DXF or PDF. */
final readonly class CutSheets
{
    /** @throws Conflict If the way cannot be taken. */
    public function of(SealRequest $request, ?WayOffer $offer, string $format, string $name): Response
    {
        if ($offer === null || $offer->refused !== null) {
            throw Conflict::notReachable('This way cannot be taken here: there is nothing to cut. Choose another way.');
        }
        $drawing = CutDrawing::of($request, $offer);
        $svg = (new SvgSheet($drawing))->svg();
        [$type, $text] = match ($format) {
            'svg' => ['image/svg+xml', $svg],
            'dxf' => ['image/vnd.dxf', (new DxfSheet($drawing))->dxf()],
            default => ['application/pdf', Sheets::pdf($svg, $drawing->title)],
        };

        return new Response($text, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => ($format === 'dxf' ? 'attachment' : 'inline')
                . '; filename="' . $name . '-cut.' . $format . '"',
        ]);
    }
}
