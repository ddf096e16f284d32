<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** Who pays for the job. */
enum Payer: string
{
    case Customer = 'customer';
    case Insurer = 'insurer';
}
