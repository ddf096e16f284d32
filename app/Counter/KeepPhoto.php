<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\JobPhoto;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Keeps a photo of a job, its row and its picture together. */
final readonly class KeepPhoto
{
    private const MOST = 20;

    public function __construct(private PhotoStore $store) {}

    /**
     * @param string $id   made by the client; the same photo again is kept once
     * @param string $file path of the upload
     *
     * @throws Conflict If the job is closed.
     */
    public function __invoke(Job $job, User $user, string $id, string $file): JobPhoto
    {
        if ($job->handed_over_at !== null) {
            throw Conflict::closed($job);
        }
        $there = JobPhoto::query()->find($id);
        if ($there !== null && $there->job_id === $job->id) {
            return $there;
        }
        if ($there !== null || JobPhoto::query()->where('job_id', $job->id)->count() >= self::MOST) {
            throw ValidationException::withMessages([
                'photo' => sprintf('A job keeps at most %d photos. This one was not kept; take one out.', self::MOST),
            ]);
        }

        $picture = ReadPicture::of($file);

        return DB::connection()->transaction(function () use ($job, $user, $id, $picture): JobPhoto {
            $photo = JobPhoto::query()->create([
                'id' => $id,
                'job_id' => $job->id,
                'width' => $picture->width,
                'height' => $picture->height,
                'taken_by' => $user->id,
            ]);
            $this->store->keep($id, $picture);

            return $photo;
        });
    }
}
