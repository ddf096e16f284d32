<?php

declare(strict_types=1);

// A phone came in at another moment than the job was opened in the test: php tests/browser/came-in.php JOB MS

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
[, $job, $ms] = $argv + [1 => '', 2 => '0'];
DB::table('repair_jobs')->where('id', $job)->update(['created_at' => Carbon::createFromTimestampMs((int) $ms)]);
