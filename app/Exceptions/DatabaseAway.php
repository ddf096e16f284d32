<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Database\LostConnectionDetector;
use Illuminate\Database\QueryException;

/** Tells a database that cannot be reached from a question that is wrong. */
final readonly class DatabaseAway
{
    /** no connection, too many of them, shutting down, gone away, lost while asking */
    private const CODES = ['2002', '2003', '2006', '2013', '1040', '1053', '1927'];

    public static function is(QueryException $e): bool
    {
        $info = $e->errorInfo ?? null;
        $code = is_array($info) && is_scalar($info[1] ?? null) ? (string) $info[1] : (string) $e->getCode();

        return in_array($code, self::CODES, true) || (new LostConnectionDetector())->causedByLostConnection($e);
    }
}
