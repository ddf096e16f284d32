<?php

declare(strict_types=1);

// Work for the drill: rows one after the other, each named in FILE once the database has kept it.

use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../vendor/autoload.php';
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();


DB::statement('create table work (id bigint primary key, what varchar(40) not null) engine = InnoDB');
$file = fopen($argv[1], 'a');
for ($id = 1; $id <= 200_000; ++$id) {
    DB::table('work')->insert(['id' => $id, 'what' => 'kept ö ' . bin2hex(random_bytes(6))]);
    fwrite($file, "$id\n");
}
