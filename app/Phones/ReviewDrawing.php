<?php

declare(strict_types=1);

namespace App\Phones;

use App\Exceptions\Conflict;
use App\Models\DrawingStanding;
use App\Models\PhoneDrawing;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Somebody looks at a version of a phone file: what is proposed is taken over or left, what is kept is agreed to. */
final readonly class ReviewDrawing
{
    /** @throws Conflict If it is one's own drawing, was decided already, or a newer version was kept meanwhile. */
    public function __invoke(User $user, string $phone, int $version, bool $good): PhoneDrawing
    {
        return DB::connection()->transaction(static function () use ($user, $phone, $version, $good): PhoneDrawing {
            $all = PhoneDrawing::query()->where('phone', $phone)->lockForUpdate();
            $drawn = (clone $all)
                ->where('version', $version)
                ->where('standing', '!=', DrawingStanding::Bench)
                ->firstOrFail();
            $kept = (clone $all)->where('standing', DrawingStanding::Kept);
            $newer = $kept->where('version', '>', $version)->max('version');
            if ($drawn->standing === DrawingStanding::Kept && $drawn->user_id === $user->id) {
                throw Conflict::notReachable('You have drawn this version: another hand has to look at it.');
            }
            if ($drawn->standing === DrawingStanding::Proposed && $good && is_numeric($newer)) {
                throw Conflict::drawnMeanwhile($phone, (int) $newer);
            }
            if ($drawn->standing === DrawingStanding::Proposed) {
                $drawn->standing = $good ? DrawingStanding::Kept : DrawingStanding::Left;
            }
            $drawn->reviewed_by = $user->id;
            $drawn->reviewed_at = Carbon::now();
            $drawn->save();

            return $drawn;
        }, 3);
    }
}
