<?php

declare(strict_types=1);

namespace Facelift\Bench;

/**
 * Everything that was reported of a run, undone events too. A record grows without end; a run asks it only for what
 * its fold does not hold.
 */
interface Record
{
    public function has(string $id): bool;

    /** @return self the same with one event more; it stays as it is if it has it already */
    public function with(Event $event): self;

    /** @return list<Event> of one type, in the order of their own times */
    public function told(EventType $type): array;

    /** @return list<Event> in the order of their own times */
    public function all(): array;
}
