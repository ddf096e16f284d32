<?php

declare(strict_types=1);

// Lines of code of more than 120 columns, with file and line. Fails if there is any: a long line hides how much it
// does.
// Usage: php bin/columns.php

const MOST = 120;

$root = dirname(__DIR__);
$kinds = "'*.php' ':!*.blade.php' '*.ts' '*.tsx' '*.mjs' '*.js'";
exec('git -C ' . escapeshellarg($root) . " ls-files -co --exclude-standard $kinds", $files);
$long = 0;
foreach ($files as $file) {
    if (!is_file("$root/$file")) {
        continue;
    }
    foreach (file("$root/$file", FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
        $columns = mb_strlen($line);
        if ($columns > MOST) {
            printf("%s:%d: %d columns\n", $file, $i + 1, $columns);
            ++$long;
        }
    }
}
if ($long > 0) {
    fprintf(STDERR, "%d lines are longer than %d columns.\n", $long, MOST);
    exit(1);
}
