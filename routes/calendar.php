<?php

declare(strict_types=1);

use App\Http\Day\CalendarController;
use Illuminate\Support\Facades\Route;

// Read by calendars that know neither cookies nor accounts: the secret in the address is all that lets them in.
Route::get('calendar/{secret}.ics', [CalendarController::class, 'subscribed'])->where('secret', '[0-9a-f]{40}');
