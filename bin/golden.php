<?php

declare(strict_types=1);

// Writes the kept plans of every shipped phone anew, with the reason: php bin/golden.php "why they change"

use App\Words\PlanText;
use App\Words\Words;
use Facelift\Tests\Phones;

require __DIR__ . '/../vendor/autoload.php';

$reason = trim($argv[1] ?? '');
if (strlen($reason) < 10) {
    fwrite(STDERR, "say why the plans change: ./facelift golden \"…\"\n");
    exit(2);
}
$folder = __DIR__ . '/../tests/golden/';
$words = Words::fromFile(__DIR__ . '/../resources/words/en.json');
$changed = [];
foreach (Phones::jobs() as [$phone, $kind]) {
    $file = "$phone-$kind->value.txt";
    $text = PlanText::whole(Phones::plan($phone, $kind), $words);
    if (!is_file($folder . $file) || file_get_contents($folder . $file) !== $text) {
        file_put_contents($folder . $file, $text);
        $changed[] = $file;
    }
}
if ($changed !== []) {
    file_put_contents(
        $folder . 'REASONS.md',
        sprintf("- %s: %s (%d of the plans)\n", date('Y-m-d'), $reason, count($changed)),
        FILE_APPEND,
    );
}
printf("%d plans changed\n", count($changed));
