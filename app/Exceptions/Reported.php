<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Database\QueryException;
use PDOException;
use Throwable;

/** What the log keeps of something unexpected: where and what, and nothing that a customer has said. */
final class Reported
{
    private const FRAMES = 30;

    /** As a few lines of text; values that a query was asked with, and whatever stands in quotes, are left out. */
    public static function text(Throwable $e): string
    {
        $lines = [];
        for ($cause = $e; $cause !== null; $cause = $cause->getPrevious()) {
            $at = self::place($cause->getFile()) . ':' . $cause->getLine();
            $lines[] = $cause::class . ' at ' . $at . ': ' . self::said($cause);
        }
        foreach (array_slice($e->getTrace(), 0, self::FRAMES) as $frame) {
            $lines[] = '  ' . self::place($frame['file'] ?? '?') . ':' . ($frame['line'] ?? '?') . ' '
                . ($frame['class'] ?? '') . ($frame['type'] ?? '') . $frame['function'];
        }

        return implode("\n", $lines);
    }

    private static function said(Throwable $e): string
    {
        return match (true) {
            // The driver's words repeat values ("Duplicate entry …"): its number says the same.
            $e instanceof QueryException => self::number($e) . ' in ' . $e->getSql(),
            $e instanceof PDOException => self::number($e),
            default => (string) preg_replace('/"[^"]*"|“[^”]*”|(?<!\w)\'[^\']*\'|`[^`]*`/u', '…', $e->getMessage()),
        };
    }

    private static function number(PDOException $e): string
    {
        return 'SQLSTATE ' . implode(' ', array_filter(array_slice($e->errorInfo ?? [], 0, 2), is_scalar(...)));
    }

    private static function place(string $file): string
    {
        return str_starts_with($file, base_path()) ? substr($file, strlen(base_path()) + 1) : $file;
    }
}
