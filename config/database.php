<?php

declare(strict_types=1);

$hosts = explode(',', (string) env('DB_HOST', '127.0.0.1'));

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            // Several are nodes of one database: one of them is asked, the next if it does not answer.
            'host' => $hosts,
            'port' => env('DB_PORT', '3306'),
            'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'facelift'),
            'username' => env('DB_USERNAME', 'facelift'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'options' => [PDO::ATTR_TIMEOUT => 3]
                + (env('DB_CA') === null ? [] : [PDO::MYSQL_ATTR_SSL_CA => env('DB_CA')])
                // What was written through one node is seen through the next.
                + (count($hosts) > 1 ? [PDO::MYSQL_ATTR_INIT_COMMAND => 'SET SESSION wsrep_sync_wait = 1'] : []),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
