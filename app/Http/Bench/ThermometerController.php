<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\Thermometer;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Thermometers that are heard, and which job each is read for. */
final readonly class ThermometerController
{
    /** One that has said nothing for this long is silent, ms. */
    private const SILENT = 6_000;
    /** One that has said nothing for a day is not shown any more, ms. */
    private const GONE = 86_400_000;

    public function index(): JsonResponse
    {
        $now = now()->getTimestampMs();

        return new JsonResponse([
            'now' => $now,
            'data' => Thermometer::query()
                ->with('job')
                ->where('heard_at', '>', $now - self::GONE)
                ->orderBy('id')
                ->get()
                ->map(static fn(Thermometer $t): array => self::row($t, $now))
                ->all(),
        ]);
    }

    /** Puts a thermometer to a heating; it leaves the one it was at only if that is said. */
    public function follow(FollowRequest $request, Job $job): JsonResponse
    {
        $request->mustBeAHeating($job);
        $user = $request->user();
        assert($user instanceof User);
        $now = now()->getTimestampMs();
        $row = DB::connection()->transaction(static function () use ($request, $job, $user, $now): array {
            $thermometer = Thermometer::query()
                    ->lockForUpdate()
                    ->find($request->string('thermometer')->toString())
                ?? throw Conflict::notReachable('This thermometer has not been heard. Is it switched on?');
            $other = $thermometer->job_id === null || $thermometer->job_id === $job->id ? null : $thermometer->job;
            if ($other !== null && !$request->boolean('over')) {
                throw Conflict::notReachable(
                    sprintf('%s is read for %s now. Nothing was changed.', $thermometer->id, $other->tag()),
                );
            }
            Thermometer::query()
                ->where('job_id', $job->id)
                ->whereKeyNot($thermometer->id)
                ->get()
                ->each(static fn(Thermometer $t) => $t->letGo());
            $again = $thermometer->job_id === $job->id
                && $thermometer->step === $request->step()
                && $thermometer->probe === $request->probe();
            if (!$again) {
                $thermometer
                    ->fill([
                        'job_id' => $job->id,
                        'step' => $request->step(),
                        'probe' => $request->probe(),
                        'user_id' => $user->id,
                        'attached_at' => $now,
                        'kept_at' => null,
                    ])
                    ->save();
            }

            return self::row($thermometer->refresh(), $now);
        });

        return new JsonResponse($row);
    }

    public function letGo(Job $job): Response
    {
        Thermometer::query()->where('job_id', $job->id)->get()->each(static fn(Thermometer $t) => $t->letGo());

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private static function row(Thermometer $t, int $now): array
    {
        $silent = $now - $t->heard_at > self::SILENT;

        return [
            'id' => $t->id,
            'heardAt' => $t->heard_at,
            'state' => $silent ? 'silent' : ($t->tenths === null ? 'open' : 'live'),
            'celsius' => $t->tenths === null ? null : $t->tenths / 10,
            'follows' => $t->job === null
                    ? null
                    : ['job' => $t->job->id, 'tag' => $t->job->tag(), 'step' => $t->step, 'probe' => $t->probe],
        ];
    }
}
