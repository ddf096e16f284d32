<?php

declare(strict_types=1);

return [
    // In the database, and written only where something has changed.
    'driver' => 'quiet',
    'lifetime' => 720,
    'expire_on_close' => false,
    'encrypt' => true,
    'connection' => null,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'facelift_session',
    'path' => '/',
    'domain' => null,
    // Served on loopback without TLS; a reverse proxy that adds TLS sets this to true.
    'secure' => (bool) env('SESSION_SECURE', false),
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
