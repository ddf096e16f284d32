<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Bench\LayPhoto;
use App\Counter\KeepPhoto;
use App\Counter\PhotoStore;
use App\Exceptions\Conflict;
use App\Http\Bench\GroundRequest;
use App\Models\Job;
use App\Models\JobPhoto;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PhotoController
{
    public function __construct(private LayPhoto $lay) {}

    public function index(Job $job): JsonResponse
    {
        return new JsonResponse([
            'data' => JobPhoto::query()
                ->where('job_id', $job->id)
                ->orderBy('created_at')
                ->get()
                ->map(fn(JobPhoto $p): array => $this->row($job, $p))
                ->all(),
        ]);
    }

    public function store(PhotoRequest $request, Job $job, KeepPhoto $keep): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $photo = $keep($job, $user, $request->string('id')->lower()->toString(), $request->photo()->getPathname());

        return new JsonResponse($this->row($job, $photo), $photo->wasRecentlyCreated ? 201 : 200);
    }

    public function show(Job $job, string $photo, PhotoStore $store): Response
    {
        $found = JobPhoto::query()->where('job_id', $job->id)->findOrFail($photo);
        $jpeg = $store->jpeg($found->id)
            ?? throw new NotFoundHttpException('The picture of this photo is not here any more.');

        return new Response($jpeg, 200, [
            'Content-Type' => 'image/jpeg',
            'Content-Disposition' => 'inline',
        ]);
    }

    public function destroy(Job $job, string $photo): Response
    {
        $found = JobPhoto::query()->where('job_id', $job->id)->find($photo);
        if ($found !== null) {
            if ($job->handed_over_at !== null) {
                throw Conflict::closed($job);
            }
            $found->delete();
        }

        return new Response(status: 204);
    }

    /** Under the drawing, or away from it. */
    public function ground(GroundRequest $request, Job $job, string $photo): JsonResponse
    {
        $found = JobPhoto::query()->where('job_id', $job->id)->findOrFail($photo);

        return new JsonResponse(
            $this->row($job, ($this->lay)($job, $found, $request->face(), $request->corners())),
        );
    }

    /** @return array<string, mixed> */
    private function row(Job $job, JobPhoto $photo): array
    {
        return [
            'id' => $photo->id,
            'width' => $photo->width,
            'height' => $photo->height,
            'at' => $photo->created_at->toIso8601ZuluString(),
            'ground' => $this->lay->flat($job, $photo),
        ];
    }
}
