<?php

declare(strict_types=1);

return [
    'photos' => env('FACELIFT_PHOTOS', storage_path('app/photos')),
    'supplier' => ['url' => env('FACELIFT_SUPPLIER_URL', '')],
    'insurer' => ['url' => env('FACELIFT_INSURER_URL', '')],
    // Browser tests move the clock by this file; nothing else sets it.
    'clock' => env('FACELIFT_CLOCK', ''),
    // Nobody waits longer than three tries of this many seconds for a service outside.
    'patience' => 1.5,
];
