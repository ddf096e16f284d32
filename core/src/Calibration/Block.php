<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** Bytes that are read or written at a time, with their own check sum. */
final readonly class Block
{
    /** @param int $at address of the first byte */
    public function __construct(public int $at, public string $bytes) {}

    /** CRC-16/CCITT-FALSE of its bytes. */
    public function crc16(): int
    {
        return Checksum::ccittFalse($this->bytes);
    }
}
