<?php

declare(strict_types=1);

namespace Facelift\Proof;

enum Outcome: string
{
    case Pass = 'pass';
    case Fail = 'fail';
    case NotPossible = 'not-possible';
}
