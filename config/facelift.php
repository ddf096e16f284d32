<?php

declare(strict_types=1);

return [
    'photos' => env('FACELIFT_PHOTOS', storage_path('app/photos')),
    'supplier' => ['url' => env('FACELIFT_SUPPLIER_URL', '')],
    'insurer' => ['url' => env('FACELIFT_INSURER_URL', '')],
    // Nobody waits longer than three tries of this many seconds for a service outside.
    'patience' => 1.5,
];
