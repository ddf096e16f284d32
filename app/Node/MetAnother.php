<?php

declare(strict_types=1);

namespace App\Node;

use Illuminate\Database\ConcurrencyErrorDetector;
use Throwable;

/** Tells a transaction that met another, by a deadlock or on another node of the database, from one that is wrong. */
final class MetAnother extends ConcurrencyErrorDetector
{
    #[\Override]
    public function causedByConcurrencyError(Throwable $e): bool
    {
        // What another node was first with is rolled back at once; the driver notices when it is to be committed.
        return parent::causedByConcurrencyError($e) || $e->getMessage() === 'There is no active transaction';
    }
}
