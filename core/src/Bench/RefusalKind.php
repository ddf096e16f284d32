<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What would make a refused event acceptable. */
enum RefusalKind: string
{
    case Never = 'never';
    /** Other events that have not arrived yet. */
    case Later = 'later';
    /** The same with a reason: a question, asked once. */
    case UnlessSaidWhy = 'unless-said-why';
}
