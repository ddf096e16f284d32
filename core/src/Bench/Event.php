<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Place;

/** One thing that happened, as a client reported it. */
final readonly class Event
{
    /**
     * @param string                    $id   made by the client; the same id twice is the same event
     * @param int                       $at   ms since 1970, UTC
     * @param array<string, string|int> $data by the type: `step`, `count`, `reason`, `why`, `event`, `place`,
     *     `state`, `gate`, `function`, `outcome`, `how`, `text`, `probe`, `tenths`, `rung`, `number`,
     *     `renewed`
     */
    public function __construct(public string $id, public EventType $type, public int $at, public array $data) {}

    public function text(string $key): string
    {
        return (string) ($this->data[$key] ?? '');
    }

    /** The step that it is about; empty if it is about none. */
    public function step(): string
    {
        return $this->text('step');
    }

    /** Tenths of a degree Celsius of a reading. */
    public function tenths(): ?int
    {
        return isset($this->data['tenths']) ? (int) $this->data['tenths'] : null;
    }

    /** Number of a single screw on the mat. */
    public function number(): ?int
    {
        return isset($this->data['number']) ? (int) $this->data['number'] : null;
    }

    public function count(): ?int
    {
        return isset($this->data['count']) ? (int) $this->data['count'] : null;
    }

    public function countReason(): ?CountReason
    {
        return CountReason::tryFrom($this->text('reason'));
    }

    public function place(): ?Place
    {
        return Place::tryFrom($this->text('place'));
    }

    /** Why something was done although it was challenged; empty if nothing was said. */
    public function why(): string
    {
        return trim($this->text('why'));
    }

    /** True if a step that renews a seal ended without one. */
    public function saysNotRenewed(): bool
    {
        return $this->text('renewed') === 'no';
    }

    /** Before another: by its time, and by its id where the times are the same. */
    public function isBefore(self $other): bool
    {
        return [$this->at, $this->id] < [$other->at, $other->id];
    }
}
