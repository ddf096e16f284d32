<?php

declare(strict_types=1);

// Phones that are ready for the bench, in a shop that has the demo: php bin/trial/jobs.php NUMBER. Prints their ids.

use App\Models\User;
use Database\Seeders\DemoStock;
use Database\Seeders\DemoWork;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Contracts\Console\Kernel as Console;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
$work = $app->make(DemoWork::class)->by(User::query()->where('role', 'technician')->firstOrFail());
$stock = $app->make(DemoStock::class);
for ($i = 0; $i < (int) ($argv[1] ?? 0); ++$i) {
    $job = $work->job(
        'quillon-vesper',
        'QV-2110',
        'chalk',
        "Trial $i",
        ['cracked-glass'],
        [],
        [],
    );
    $label = $stock->own('quillon-vesper', ReplacementKind::DisplayAssembly);
    echo $work->planned($job, ReplacementKind::DisplayAssembly, $label)->id, "\n";
}
