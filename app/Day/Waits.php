<?php

declare(strict_types=1);

namespace App\Day;

/** What an accepted job waits for before anybody can begin. */
enum Waits: string
{
    case Phone = 'phone';
    case Part = 'part';
    case Overdue = 'overdue-part';
}
