<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Document\Reason;

/** Something was told to a transfer that cannot have happened at this point, or must not. */
final class NotNow extends \LogicException
{
    /** @param Reason|null $reason for whoever plugged in the wrong thing; null if a program is at fault */
    public function __construct(string $message, public readonly ?Reason $reason = null)
    {
        parent::__construct($message);
    }

    /** @param array<string, string> $figures */
    public static function plugged(string $code, array $figures): self
    {
        return new self($code . ': ' . implode(', ', $figures), new Reason($code, $figures));
    }
}
