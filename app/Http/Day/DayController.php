<?php

declare(strict_types=1);

namespace App\Http\Day;

use App\Day\Accepted;
use App\Day\BenchDay;
use App\Day\Difference;
use App\Jobs\ChangeJob;
use App\Jobs\ShopDay;
use App\Models\Absence;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;

/** What now, and what follows if it is changed. */
final readonly class DayController
{
    public function __construct(private BenchDay $day, private DayAnswer $answer) {}

    public function show(): JsonResponse
    {
        $planned = $this->day->forget()->planned();
        $this->day->keep($planned);

        return new JsonResponse($this->answer->of($planned));
    }

    /** What would follow of a change; nothing is kept. */
    public function preview(PreviewRequest $request, Accepted $accepted, ShopDay $shop): JsonResponse
    {
        $before = $this->day->forget()->planned();
        $after = $this->day->plan($this->day->with($request->change()));

        return new JsonResponse([
            'moved' => Difference::between($before, $after, $accepted, $shop->shop()->certainty),
            'day' => $this->answer->of($after),
        ]);
    }

    /** What other settings of the shop would do to the phones that are here; nothing is kept. */
    public function otherwise(ShopEffectRequest $request, Accepted $accepted, ShopDay $shop): JsonResponse
    {
        $before = $this->day->forget()->planned();
        $moved = $shop->as($request->settings(), fn(): array => Difference::between(
            $before,
            $this->day->plan($this->day->day()),
            $accepted,
            $shop->shop()->certainty,
        ));

        return new JsonResponse(['moved' => $moved]);
    }

    /** A phone is put where it is wanted, or its promise before those of others. */
    public function place(PlaceRequest $request, Job $job, ChangeJob $change): JsonResponse
    {
        $change->atAnyTime($job, $request->version(), static function (Job $locked) use ($request): void {
            $locked->pin_at = $request->at();
            $locked->firm = $request->boolean('firm');
        });

        return $this->show();
    }

    public function leave(AbsenceRequest $request, string $absence): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $away = $request->away();
        Absence::query()->firstOrCreate(['id' => $absence], [
            'person' => (int) $away->person,
            'from_at' => $away->from,
            'to_at' => $away->to,
            'user_id' => $user->id,
        ]);

        return $this->show();
    }

    public function comeBack(string $absence): JsonResponse
    {
        Absence::query()->whereKey($absence)->delete();

        return $this->show();
    }
}
