<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Jobs\Runs;
use App\Models\Job;
use App\Papers\Sheets;
use App\Phones\PhoneLibrary;
use Facelift\Fasteners\MatSheet;
use Illuminate\Http\Response;

/** The screw mat of a job, to be printed at 1:1. */
final readonly class ScrewMatController
{
    public function __invoke(Job $job, string $format, Runs $runs, PhoneLibrary $phones): Response
    {
        $phone = $phones->phone($job->phone);
        $places = $runs->plan($job)->mat->places;
        $svg = (new MatSheet(
            $job->tag() . ', ' . $phone->identity->name() . ': screw mat, ' . count($places) . ' screws',
            $phone->body->outline,
            $places,
        ))->svg();
        $name = 'inline; filename="' . $job->tag() . '-screws.' . $format . '"';

        return $format === 'svg'
            ? new Response($svg, 200, ['Content-Type' => 'image/svg+xml', 'Content-Disposition' => $name])
            : new Response(Sheets::pdf($svg), 200, [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => $name,
            ]);
    }
}
