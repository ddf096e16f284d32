<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

enum Likelihood: string
{
    case Broken = 'broken';
    case Possible = 'possible';
    case Whole = 'whole';
}
