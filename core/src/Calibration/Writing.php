<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** What is known of the writings to the new display. */
final readonly class Writing
{
    /**
     * @param int         $begun   writings that were begun
     * @param bool        $unread  true from the beginning of one until the memory was read whole
     * @param bool        $unsure  true from there until the display has said again which it is
     * @param bool        $refused true once the display said that it is write-protected
     * @param string|null $found   what was read after the last one
     */
    public function __construct(
        public int $begun = 0,
        public bool $unread = false,
        public bool $unsure = false,
        public bool $refused = false,
        public ?string $found = null,
    ) {}

    public function begun(): self
    {
        return new self($this->begun + 1, true, true, $this->refused);
    }

    public function sure(): self
    {
        return new self(
            $this->begun,
            $this->unread,
            false,
            $this->refused,
            $this->found,
        );
    }

    public function refused(): self
    {
        return new self(
            $this->begun,
            $this->unread,
            $this->unsure,
            true,
            $this->found,
        );
    }

    public function found(string $bytes): self
    {
        return new self(
            $this->begun,
            false,
            false,
            $this->refused,
            $bytes,
        );
    }
}
