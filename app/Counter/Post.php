<?php

declare(strict_types=1);

namespace App\Counter;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\PostBox;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A phone that comes and goes by post: what was in the box, what goes back, and the address only as long as needed. */
final readonly class Post
{
    /**
     * Writes down what came; the address may be left out and said later. Sending the same again does no harm.
     *
     * @param list<string> $came
     *
     * @throws Conflict If the phone has gone back already.
     */
    public function came(Job $job, array $came, ?string $address): PostBox
    {
        return DB::connection()->transaction(static function () use ($job, $came, $address): PostBox {
            $box = PostBox::query()->lockForUpdate()->find($job->id)
                ?? new PostBox(['job_id' => $job->id, 'goes' => []]);
            if ($box->sent_at !== null) {
                throw Conflict::notReachable('The phone has gone back already; its address is no longer kept.');
            }
            $box->fill(['came' => $came, 'address' => $address ?? $box->address])->save();

            return $box;
        });
    }

    /**
     * The phone has gone back: what was in the box is kept, the address is not.
     *
     * @param list<array{what: string, why: string|null}> $goes what goes back, and of what does not why
     *
     * @throws ValidationException If it did not come by post, or something that came goes nowhere.
     * @throws Conflict            If the job is not closed yet.
     */
    public function sent(Job $job, array $goes, ?string $parcel): PostBox
    {
        return DB::connection()->transaction(static function () use ($job, $goes, $parcel): PostBox {
            $box = PostBox::query()->lockForUpdate()->find($job->id);
            if ($box === null) {
                throw ValidationException::withMessages([
                    'goes' => 'This phone did not come by post: it is handed over at the counter.',
                ]);
            }
            if ($box->sent_at !== null) {
                return $box;
            }
            if ($job->closed_as === null) {
                throw Conflict::notReachable('First: hand over. The sheet goes into the box.');
            }
            $missing = array_values(array_diff($box->came, array_column($goes, 'what')));
            if ($missing !== []) {
                throw ValidationException::withMessages([
                    'goes' => 'This came and is not on the list: ' . implode(', ', $missing)
                        . '. Tick it, or say why it does not go back.',
                ]);
            }
            $box->fill(['goes' => $goes, 'parcel' => $parcel, 'sent_at' => Carbon::now(), 'address' => null])->save();

            return $box;
        });
    }
}
