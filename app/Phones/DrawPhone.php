<?php

declare(strict_types=1);

namespace App\Phones;

use App\Exceptions\Conflict;
use App\Models\DrawingStanding;
use App\Models\Job;
use App\Models\PhoneDrawing;
use App\Models\User;
use Facelift\Anatomy\PhoneReader;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps a phone file as its next version; every version stays, since jobs name the one they were opened with. */
final readonly class DrawPhone
{
    /**
     * For all new jobs.
     *
     * @param int                  $seen     version that the drawing was begun from, zero for none
     * @param array<string, mixed> $document
     *
     * @throws Unreadable If the file is faulty: nothing is kept.
     * @throws Conflict   If somebody else has kept a version meanwhile.
     */
    public function __invoke(User $user, string $id, int $seen, array $document): PhoneDrawing
    {
        return $this->next(
            $user,
            $id,
            $document,
            DrawingStanding::Kept,
            null,
            $seen,
        );
    }

    /**
     * As a repair has shown it: at the bench for that job alone, at its end for all, or as a proposal.
     *
     * @param array<string, mixed> $document
     *
     * @throws Unreadable If the file is faulty: nothing is kept.
     */
    public function byRepair(
        User $user,
        string $id,
        array $document,
        DrawingStanding $standing,
        Job $job,
    ): PhoneDrawing {
        return $this->next(
            $user,
            $id,
            $document,
            $standing,
            $job,
            null,
        );
    }

    /** @param array<string, mixed> $document */
    private function next(
        User $user,
        string $id,
        array $document,
        DrawingStanding $standing,
        ?Job $job,
        ?int $seen,
    ): PhoneDrawing {
        $phone = (new PhoneReader())->read($document);
        if ($phone->identity->id !== $id) {
            throw Unreadable::because('phone file', [new Fault('identity.id', 'must stay "' . $id . '"')]);
        }
        // Sent as an object, and decoded without a difference if it has no members.
        $document['stacks'] = (object) (is_array($document['stacks'] ?? null) ? $document['stacks'] : []);
        $text = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);

        return DB::connection()->transaction(static function () use (
            $user,
            $id,
            $seen,
            $text,
            $standing,
            $job,
        ): PhoneDrawing {
            $all = PhoneDrawing::query()->where('phone', $id)->lockForUpdate();
            $number = (clone $all)->max('version');
            $last = (clone $all)->where('standing', $standing)->orderByDesc('version')->first();
            if ($last !== null && $last->document === $text && $last->job_id === $job?->id) {
                return $last;
            }
            if ($seen !== null && ($last->version ?? 0) !== $seen) {
                throw Conflict::drawnMeanwhile($id, $last->version ?? 0);
            }

            return PhoneDrawing::query()
                ->create([
                    'phone' => $id,
                    'version' => (is_numeric($number) ? (int) $number : 0) + 1,
                    'document' => $text,
                    'user_id' => $user->id,
                    'drawn_at' => Carbon::now(),
                    'standing' => $standing,
                    'job_id' => $job?->id,
                ])
                ->refresh();
        }, 3);
    }
}
