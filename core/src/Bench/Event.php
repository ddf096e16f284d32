<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** One thing that happened, as a client reported it. */
final readonly class Event
{
    /**
     * @param string                    $id   made by the client; the same id twice is the same event
     * @param int                       $at   ms since 1970, UTC
     * @param array<string, string|int> $data by the type: `step`, `count`, `reason`, `event`, `place`, `state`, `gate`, `function`, `outcome`, `text`, `probe`, `tenths`, `rung`, `number`
     */
    public function __construct(public string $id, public EventType $type, public int $at, public array $data) {}

    public function text(string $key): string
    {
        return (string) ($this->data[$key] ?? '');
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
}
