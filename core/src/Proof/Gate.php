<?php

declare(strict_types=1);

namespace Facelift\Proof;

/** The moments at which a phone is tested. */
enum Gate: string
{
    case CheckIn = 'check-in';
    case Trial = 'trial';
    case Dry = 'dry';
    case Bonded = 'bonded';
    case LaidShut = 'laid-shut';
    case Finished = 'finished';
}
