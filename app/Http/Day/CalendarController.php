<?php

declare(strict_types=1);

namespace App\Http\Day;

use App\Day\DayCalendar;
use App\Jobs\ShopDay;
use App\Models\ShopSetting;
use App\Words\ShopAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The day as a calendar: as a file, and at a read-only address with a secret that the owner can change. */
final readonly class CalendarController
{
    public function __construct(private DayCalendar $calendar, private ShopDay $shop) {}

    public function file(): Response
    {
        return $this->answer();
    }

    /** For a calendar that subscribes: whoever has the address reads it, nothing else. */
    public function subscribed(string $secret): Response
    {
        $kept = ShopSetting::query()->value('calendar_secret');
        if (!is_string($kept) || !hash_equals($kept, $secret)) {
            throw new NotFoundHttpException();
        }

        return $this->answer();
    }

    public function show(): JsonResponse
    {
        return self::address($this->shop->row()->calendar_secret);
    }

    /** A new address; whoever reads at the old one gets nothing more. */
    public function change(): JsonResponse
    {
        $secret = Str::lower(bin2hex(random_bytes(20)));
        $this->shop->row()->update(['calendar_secret' => $secret]);

        return self::address($secret);
    }

    private static function address(?string $secret): JsonResponse
    {
        return new JsonResponse([
            'address' => $secret === null ? null : ShopAddress::of("/calendar/$secret.ics"),
        ]);
    }

    private function answer(): Response
    {
        return new Response($this->calendar->text(ShopAddress::of()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="bench-day.ics"',
        ]);
    }
}
