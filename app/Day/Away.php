<?php

declare(strict_types=1);

namespace App\Day;

/** Somebody is not at the bench. */
final readonly class Away
{
    /**
     * @param string $person id of the account
     * @param int    $from   ms since 1970
     * @param int    $to     ms since 1970
     */
    public function __construct(public string $person, public int $from, public int $to) {}
}
