<?php

declare(strict_types=1);

namespace App\Node;

use Closure;
use Illuminate\Database\MariaDbConnection;

/**
 * A transaction that met another, by a deadlock or because another node of the database was first, is done again from
 * its beginning: what it does is in the database alone, and was rolled back.
 */
final class PatientConnection extends MariaDbConnection
{
    private const TRIES = 5;

    /**
     * @param Closure $callback
     * @param int     $attempts
     */
    #[\Override]
    public function transaction(Closure $callback, $attempts = self::TRIES): mixed
    {
        /** @var Closure($this): mixed $do */
        $do = $callback;

        return parent::transaction($do, max($attempts, self::TRIES));
    }
}
