<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Jobs\ShopDay;
use App\Models\KeptPace;
use App\Models\ShopSetting;
use App\Models\User;
use Facelift\Schedule\Pace;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Config;

/** When the shop is open and what it has; the owner's to set. */
final readonly class ShopController
{
    public function __construct(private ShopDay $day) {}

    public function show(): JsonResponse
    {
        return new JsonResponse($this->answer($this->day->row()));
    }

    public function update(ShopRequest $request): JsonResponse
    {
        return new JsonResponse($this->answer($this->day->keep($request->version(), $request->settings())));
    }

    /** @return array<string, mixed> */
    private function answer(ShopSetting $row): array
    {
        $paces = KeptPace::query()->get()->keyBy('user_id');

        return [
            'version' => $row->version,
            'settings' => $this->day->whole($row),
            'usualZone' => Config::string('facelift.zone'),
            'accounts' => ShopDay::accounts()
                ->map(static function (User $u) use ($paces): array {
                    $pace = $paces->get($u->id)?->pace() ?? Pace::unknown();

                    return [
                        'person' => (string) $u->id,
                        'name' => $u->name,
                        'pace' => round($pace->factor(), 2),
                        'hours' => round($pace->hours(), 1),
                    ];
                })
                ->values(),
        ];
    }
}
