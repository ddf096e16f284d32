<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Document\Fault;
use Facelift\Document\Unreadable;

/** Everything that a display's memory held when it was read: whole, or not at all. */
final readonly class Dump
{
    /**
     * @param string $panel     the marking of the panel that it was read from
     * @param string $connector code of the panel's connector
     * @param string $bytes     the whole memory, as many bytes as the layout has
     */
    private function __construct(
        public string $panel,
        public string $connector,
        public MemoryLayout $layout,
        public string $bytes,
    ) {}

    /**
     * @throws Unreadable If there are more or fewer bytes than the layout has.
     */
    public static function of(string $panel, string $connector, MemoryLayout $layout, string $bytes): self
    {
        $size = \strlen($bytes);
        if ($size !== $layout->size) {
            throw Unreadable::because('dump', [new Fault(
                'bytes',
                \sprintf('are %d, the layout %s has %d', $size, $layout->code, $layout->size),
            )]);
        }

        return new self($panel, $connector, $layout, $bytes);
    }

    /** CRC-32 of the whole memory. */
    public function crc32(): int
    {
        return Checksum::crc32($this->bytes);
    }

    /** @return list<Block> in the order of their addresses */
    public function blocks(): array
    {
        $blocks = [];
        foreach (str_split($this->bytes, max(1, $this->layout->block)) as $i => $bytes) {
            $blocks[] = new Block($i * $this->layout->block, $bytes);
        }

        return $blocks;
    }

    public function compare(self $other): DumpComparison
    {
        return DumpComparison::of($this, $other);
    }
}
