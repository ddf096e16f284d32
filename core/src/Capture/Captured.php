<?php

declare(strict_types=1);

namespace Facelift\Capture;

/** One thing that was said by whoever has the phone open before them. */
final readonly class Captured
{
    /**
     * @param string       $event  id made by the client; what is new gets its id from it
     * @param int          $at     ms since 1970
     * @param string       $of     id of the element that it is about; empty for what is new
     * @param string       $name   of what is new, as people call it
     * @param list<string> $under  ids of what screws hold, a cover lies over, or a plug belongs to
     * @param int          $count  of screws
     * @param float|null   $length mm; null if nobody measured it
     * @param string       $driver of screws, as `Anatomy\Driver` names it
     * @param list<array{float, float}> $places mm, where they were tapped; may be fewer than counted
     */
    public function __construct(
        public string $event,
        public int $at,
        public CaptureKind $kind,
        public string $of = '',
        public string $name = '',
        public array $under = [],
        public int $count = 0,
        public ?float $length = null,
        public string $driver = '',
        public array $places = [],
    ) {}

    /** Id of the element that this makes. */
    public function makes(): string
    {
        return 'seen-' . substr(str_replace('-', '', mb_strtolower($this->event)), 0, 12);
    }

    public function isBefore(self $other): bool
    {
        return [$this->at, $this->event] < [$other->at, $other->event];
    }
}
