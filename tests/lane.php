<?php

declare(strict_types=1);

require __DIR__ . '/../vendor/autoload.php';

// Processes that test side by side have a database and stand-ins each: FACELIFT_LANE_2_DB_DATABASE is the second's
// DB_DATABASE.
$lane = getenv('TEST_TOKEN');
if (is_string($lane)) {
    $prefix = 'FACELIFT_LANE_' . $lane . '_';
    foreach (getenv() as $name => $value) {
        if (str_starts_with($name, $prefix)) {
            putenv(substr($name, strlen($prefix)) . '=' . $value);
            $_ENV[substr($name, strlen($prefix))] = $_SERVER[substr($name, strlen($prefix))] = $value;
        }
    }
}
