<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Anatomy\Notice;
use Facelift\Anatomy\Panel;
use Facelift\Document\Reason;

/** Whether the old display's memory has to be copied, and what the customer will see afterwards. */
final readonly class MemoryTransfer
{
    /** @param list<Reason> $customerHears */
    private function __construct(public bool $needed, public array $customerHears) {}

    public static function of(Panel $panel): self
    {
        $hears = match ($panel->notice) {
            Notice::Stays => [new Reason('part-notice-stays')],
            Notice::UntilCopied => [new Reason('part-notice-goes-after-copy')],
            Notice::None => [],
        };

        return new self($panel->memory, $hears);
    }
}
