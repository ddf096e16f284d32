<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What became of a new part when it was tried before it was bonded. */
enum TrialOutcome: string
{
    case Passed = 'passed';
    case Failed = 'failed';
    case NotTested = 'not-tested';
}
