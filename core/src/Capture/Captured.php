<?php

declare(strict_types=1);

namespace Facelift\Capture;

/** One thing that was said by whoever has the phone open before them. */
final readonly class Captured
{
    /**
     * @param string            $event id made by the client; what is new gets its id from it
     * @param int               $at    ms since 1970
     * @param string            $of    id of the element that it is about; of a lead the part that it comes from, of a
     *     part or cover the one that it sits on, of a bond or plug the one that it leads to; else empty for what is new
     * @param string            $name  of what is new, as people call it; of what is known, what it is called now
     * @param list<string>      $under ids of what screws hold, a cover or lead lies over, a bond holds down, or a plug
     *     belongs to
     * @param list<string>|null $after ids of what had to be off before it could be seen; null if nobody said
     * @param list<array{float, float}> $places mm, where it was tapped; may be fewer than counted
     */
    public function __construct(
        public string $event,
        public int $at,
        public CaptureKind $kind,
        public string $of = '',
        public string $name = '',
        public array $under = [],
        public ?array $after = null,
        public array $places = [],
        public Likeness $like = new Likeness(),
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

    /** @param list<string> $after */
    public function seenAfter(array $after): self
    {
        return new self(
            $this->event,
            $this->at,
            $this->kind,
            $this->of,
            $this->name,
            $this->under,
            $after,
            $this->places,
            $this->like,
        );
    }
}
