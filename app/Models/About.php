<?php

declare(strict_types=1);

namespace App\Models;

/** What a line of the record of changes is about. */
enum About: string
{
    case Job = 'job';
    case Part = 'part';
    case Order = 'order';
    case SentBack = 'sent-back';
    case Claim = 'claim';
    case Payment = 'payment';
    case Rules = 'rules';
    case Shop = 'shop';
    case Person = 'person';
    case Roll = 'roll';
    case Supply = 'supply';
    case Level = 'level';
    case Heat = 'heat';
    case Figure = 'figure';
    case Absence = 'absence';
    case Photo = 'photo';
}
