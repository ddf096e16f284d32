<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\JobPhoto;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Face;
use Facelift\Geometry\ImpossibleShape;
use Facelift\Geometry\Point;
use Facelift\Geometry\Projective;
use Illuminate\Validation\ValidationException;

/** Lays a photo of the opened phone under the drawing: where its four corners are in it tells the millimetres. */
final readonly class LayPhoto
{
    public function __construct(private PhoneLibrary $phones) {}

    /**
     * @param list<array{float, float}>|null $corners pixels, clockwise from the top left; null to take it away again
     *
     * @throws Conflict            If the job is closed.
     * @throws ValidationException If the corners do not go round, or lie far outside of the picture.
     */
    public function __invoke(Job $job, JobPhoto $photo, Face $face, ?array $corners): JobPhoto
    {
        if ($job->handed_over_at !== null) {
            throw Conflict::closed($job);
        }
        $photo->ground = $corners === null ? null : ['face' => $face->value, 'corners' => $corners];
        $this->flat($job, $photo);
        $photo->save();

        return $photo;
    }

    /**
     * @return array{
     *     face: string, corners: list<array{float, float}>, matrix: list<float>
     * }|null by rows from pixels to mm as the face is looked at; null if it lies under nothing
     *
     * @throws ValidationException If the corners do not go round.
     */
    public function flat(Job $job, JobPhoto $photo): ?array
    {
        $ground = $photo->ground;
        if ($ground === null) {
            return null;
        }
        $points = array_map(static fn(array $p): Point => new Point($p[0], $p[1]), $ground['corners']);
        $box = $this->phones->phone($job->phone)->body->outline->box;
        try {
            assert(count($points) === 4);
            $flat = Projective::flatten([$points[0], $points[1], $points[2], $points[3]], $box->width, $box->height);
        } catch (ImpossibleShape) {
            throw ValidationException::withMessages([
                'corners' => 'The four corners do not go round the phone: tap top left, top right, bottom right, '
                    . 'bottom left. Nothing was kept.',
            ]);
        }

        return $ground + ['matrix' => array_values($flat->matrix())];
    }
}
