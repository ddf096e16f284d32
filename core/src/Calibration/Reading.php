<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** What is known of one display: which it is, and its memory once two readings agree. */
final readonly class Reading
{
    /**
     * @param string|null $panel its marking, once it said it
     * @param string|null $last  bytes of the last reading
     * @param bool        $twice true if the two last readings are the same
     * @param bool        $kept  true once they are put by
     * @param int         $apart readings that were not what the one before was
     */
    public function __construct(
        public ?string $panel = null,
        private ?string $last = null,
        private bool $twice = false,
        public bool $kept = false,
        public int $apart = 0,
    ) {}

    public function identified(string $panel): self
    {
        return new self(
            $panel,
            $this->last,
            $this->twice,
            $this->kept,
            $this->apart,
        );
    }

    public function read(string $bytes): self
    {
        $apart = $this->apart + ($this->last !== null && $this->last !== $bytes ? 1 : 0);

        return new self(
            $this->panel,
            $bytes,
            $this->last === $bytes,
            false,
            $apart,
        );
    }

    public function kept(): self
    {
        return new self(
            $this->panel,
            $this->last,
            $this->twice,
            true,
            $this->apart,
        );
    }

    /** Its memory; null until two readings one after the other were the same. */
    public function bytes(): ?string
    {
        return $this->twice ? $this->last : null;
    }
}
