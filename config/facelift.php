<?php

declare(strict_types=1);

return [
    'photos' => env('FACELIFT_PHOTOS', storage_path('app/photos')),
    'supplier' => ['url' => env('FACELIFT_SUPPLIER_URL', '')],
    'insurer' => ['url' => env('FACELIFT_INSURER_URL', '')],
    'thermometer' => env('FACELIFT_THERMOMETER', '127.0.0.1:1'),
    // Host and port of the programmer of displays; it answers within `programmer_patience` seconds or not at all.
    'programmer' => env('FACELIFT_PROGRAMMER', '127.0.0.1:1'),
    'programmer_patience' => 2.0,
    // Where the stand-in for it takes commands; no real one does.
    'programmer_control' => env('FACELIFT_PROGRAMMER_CONTROL', ''),
    // How the shop writes moments on paper: its time zone, and the language of its dates.
    'zone' => env('FACELIFT_ZONE', 'Europe/Berlin'),
    'dates' => env('FACELIFT_DATES', 'en_GB'),
    // What packs of phone files are signed with: 32 random bytes in base64; empty to sign none. And whose they are.
    'pack_key' => env('FACELIFT_PACK_KEY', ''),
    'shop' => env('FACELIFT_SHOP', 'The shop'),
    // Which of several machines this is, for work that only one of them does.
    'node' => env('FACELIFT_NODE', gethostname() ?: 'here'),
    // Under which address the shop is reached, such as https://facelift.shop.example; empty: as it was asked.
    'url' => env('FACELIFT_URL', ''),
    // Browser tests move the clock by this file; nothing else sets it.
    'clock' => env('FACELIFT_CLOCK', ''),
    // Nobody waits longer than three tries of this many seconds for a service outside.
    'patience' => 1.5,
];
