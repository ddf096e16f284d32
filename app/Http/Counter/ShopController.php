<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Jobs\ShopDay;
use App\Models\ShopSetting;
use App\Models\User;
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
        return [
            'version' => $row->version,
            'settings' => $this->day->whole($row),
            'usualZone' => Config::string('facelift.zone'),
            'accounts' => ShopDay::accounts()
                ->map(static fn(User $u): array => ['person' => (string) $u->id, 'name' => $u->name])
                ->values(),
        ];
    }
}
