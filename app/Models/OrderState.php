<?php

declare(strict_types=1);

namespace App\Models;

/** An order is kept as asked before the supplier hears of it. */
enum OrderState: string
{
    case Asked = 'asked';
    case Ordered = 'ordered';
    case Arrived = 'arrived';
    /** Something else came, or nothing ever will. */
    case Failed = 'failed';
}
