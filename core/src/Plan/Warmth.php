<?php

declare(strict_types=1);

namespace Facelift\Plan;

/** What a step warms: what is wet must be dry before anything is, and a soaked battery gets no more of it at all. */
enum Warmth: string
{
    case None = 'none';
    /** One flex, or a panel that lies beside the phone: the battery stays cold. */
    case Beside = 'beside';
    case Battery = 'battery';
}
