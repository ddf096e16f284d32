<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** A record that lies in memory as a whole. */
final readonly class Listed implements Record
{
    /** @param array<string, Event> $events by id */
    private function __construct(private array $events) {}

    /** @param list<Event> $events in any order; the same one twice counts once */
    public static function of(array $events): self
    {
        $byId = [];
        foreach ($events as $event) {
            $byId[$event->id] ??= $event;
        }

        return new self($byId);
    }

    public function has(string $id): bool
    {
        return isset($this->events[$id]);
    }

    public function with(Event $event): self
    {
        return new self($this->events + [$event->id => $event]);
    }

    public function told(EventType $type): array
    {
        return self::ordered(array_filter($this->events, static fn(Event $e): bool => $e->type === $type));
    }

    public function all(): array
    {
        return self::ordered($this->events);
    }

    /**
     * @param array<Event> $events
     *
     * @return list<Event> by their own times, and by id where the times are the same
     */
    public static function ordered(array $events): array
    {
        $order = array_values($events);
        usort($order, static fn(Event $a, Event $b): int => $a->at === $b->at ? $a->id <=> $b->id : $a->at <=> $b->at);

        return $order;
    }

    /**
     * Many that are in order already, and a few more.
     *
     * @param list<Event>  $order as `ordered` leaves them
     * @param array<Event> $more  the same one again counts once
     *
     * @return list<Event> in order
     */
    public static function into(array $order, array $more): array
    {
        $merged = [];
        $next = 0;
        foreach (self::ordered($more) as $event) {
            while (isset($order[$next]) && $order[$next]->isBefore($event)) {
                $merged[] = $order[$next++];
            }
            if (($order[$next] ?? null)?->id !== $event->id) {
                $merged[] = $event;
            }
        }

        return [...$merged, ...\array_slice($order, $next)];
    }
}
