<?php

declare(strict_types=1);

namespace App\Account;

/** Why nobody comes in. */
enum WhyNot: string
{
    /** Or there is no such account, or it is disabled: which of them is not said. */
    case DoNotGoTogether = 'do-not-go-together';
    case CodeWanted = 'code-wanted';
    case CodeWrong = 'code-wrong';
}
