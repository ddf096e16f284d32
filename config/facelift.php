<?php

declare(strict_types=1);

return [
    'photos' => env('FACELIFT_PHOTOS', storage_path('app/photos')),
    'supplier' => ['url' => env('FACELIFT_SUPPLIER_URL', '')],
    'insurer' => ['url' => env('FACELIFT_INSURER_URL', '')],
    'thermometer' => env('FACELIFT_THERMOMETER', '127.0.0.1:1'),
    // Browser tests move the clock by this file; nothing else sets it.
    'clock' => env('FACELIFT_CLOCK', ''),
    // Nobody waits longer than three tries of this many seconds for a service outside.
    'patience' => 1.5,
];
