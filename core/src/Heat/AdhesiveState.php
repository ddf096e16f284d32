<?php

declare(strict_types=1);

namespace Facelift\Heat;

enum AdhesiveState: string
{
    case Fresh = 'fresh';
    case Aged = 'aged';
}
