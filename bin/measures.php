<?php

declare(strict_types=1);

// How large methods, lines and parameter lists are, as a table: called by ./facelift bench

require __DIR__ . '/../vendor/autoload.php';

use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/**
 * @return array{methods: list<int>, characters: list<int>, parameters: list<int>, wide: int, widest: int, lines: int}
 */
function measured(string $folder): array
{
    $parser = (new ParserFactory())->createForNewestSupportedVersion();
    [$lines, $characters, $parameters, $wide, $widest, $all] = [[], [], [], 0, 0, 0];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        if (!$file instanceof SplFileInfo || $file->getExtension() !== 'php') {
            continue;
        }
        $text = (string) file_get_contents($file->getPathname());
        foreach (explode("\n", $text) as $line) {
            ++$all;
            $widest = max($widest, mb_strlen($line));
            $wide += mb_strlen($line) > 120 ? 1 : 0;
        }
        foreach ((new NodeFinder())->findInstanceOf($parser->parse($text) ?? [], ClassMethod::class) as $method) {
            $lines[] = $method->getEndLine() - $method->getStartLine() + 1;
            $characters[] = strlen(
                (string) preg_replace(
                    '/\s+/',
                    ' ',
                    substr($text, $method->getStartFilePos(), $method->getEndFilePos() - $method->getStartFilePos()),
                ),
            );
            $parameters[] = count($method->getParams());
        }
    }
    sort($lines);
    sort($characters);
    sort($parameters);

    return [
        'methods' => $lines,
        'characters' => $characters,
        'parameters' => $parameters,
        'wide' => $wide,
        'widest' => $widest,
        'lines' => $all,
    ];
}

/** @param list<int> $sorted */
function at(array $sorted, float $share): int
{
    return $sorted === [] ? 0 : $sorted[(int) floor($share * (count($sorted) - 1))];
}

printf(
    "%-10s %8s %8s %14s %18s %16s %12s %8s\n",
    'folder',
    'lines',
    'methods',
    'lines 9 in 10',
    'characters 9 in 10',
    'most parameters',
    'over 120',
    'widest',
);
foreach (['core/src', 'app'] as $folder) {
    $m = measured(__DIR__ . '/../' . $folder);
    printf(
        "%-10s %8d %8d %14d %18d %16d %12d %8d\n",
        $folder,
        $m['lines'],
        count($m['methods']),
        at($m['methods'], 0.9),
        at($m['characters'], 0.9),
        at($m['parameters'], 1.0),
        $m['wide'],
        $m['widest'],
    );
}
