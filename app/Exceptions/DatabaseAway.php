<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Database\LostConnectionDetector;
use PDOException;

/** Tells a database that cannot be reached from a question that is wrong. */
final readonly class DatabaseAway
{
    /** no connection, too many of them, shutting down, gone away, lost while asking, a node that is not ready */
    private const CODES = ['2002', '2003', '2006', '2013', '1040', '1053', '1927', '1047'];

    public static function is(PDOException $e): bool
    {
        $info = $e->errorInfo;
        $code = is_array($info) && is_scalar($info[1] ?? null) ? (string) $info[1] : (string) $e->getCode();

        return in_array($code, self::CODES, true) || (new LostConnectionDetector())->causedByLostConnection($e);
    }
}
