<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** What a check has shown; the result is one of the check's own. */
final readonly class CheckResult
{
    public function __construct(public Check $check, public string $result) {}
}
