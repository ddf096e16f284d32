<?php

declare(strict_types=1);

namespace App\Bench;

use Facelift\Bench\Event;
use Facelift\Bench\Refusal;
use Facelift\Bench\Run;

/** What became of events that were sent, and the run as it stands after them. */
final readonly class Appended
{
    /**
     * @param list<string>                   $accepted ids
     * @param list<array{string, Refusal}>   $refused  id and why
     */
    public function __construct(public Run $run, public array $accepted = [], public array $refused = []) {}

    public function kept(Event $event): self
    {
        return new self($this->run->with($event), [...$this->accepted, $event->id], $this->refused);
    }

    public function refused(Event $event, Refusal $refusal): self
    {
        return new self($this->run, $this->accepted, [...$this->refused, [$event->id, $refusal]]);
    }
}
