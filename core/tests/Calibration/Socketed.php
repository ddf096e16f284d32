<?php

declare(strict_types=1);

namespace Facelift\Tests\Calibration;

use Facelift\Calibration\Block;
use Facelift\Calibration\WireFault;
use Facelift\Tests\Dice;

/** A display in the programmer's socket, with everything that goes wrong there. */
final class Socketed
{
    private int $noise = 0;

    /**
     * @param int  $faulty    percent of what is asked that fails
     * @param bool $protected true if it takes no byte
     * @param bool $tears     true if no writing ever comes to its end
     */
    public function __construct(
        public readonly string $panel,
        public string $bytes,
        private readonly Dice $dice,
        public int $faulty = 0,
        public bool $protected = false,
        public bool $tears = false,
    ) {}

    public function fault(): ?WireFault
    {
        return $this->dice->chance($this->faulty)
            ? $this->dice->pick([
                WireFault::NoContact, WireFault::BadContact, WireFault::WrongChecksum, WireFault::Unplugged,
                WireFault::TimedOut,
            ])
            : null;
    }

    /** Now and then a byte is another than it is, and never twice in the same way: noise does not repeat. */
    public function read(): string
    {
        if (!$this->dice->chance($this->faulty)) {
            return $this->bytes;
        }
        $bytes = $this->bytes;
        $at = ++$this->noise % \strlen($bytes);

        return substr_replace($bytes, \chr(\ord($bytes[$at]) ^ (1 << intdiv($this->noise, \strlen($bytes)))), $at, 1);
    }

    /** @param list<Block> $blocks */
    public function write(array $blocks): ?WireFault
    {
        if ($this->protected) {
            return WireFault::WriteProtected;
        }
        $torn = $this->tears || $this->dice->chance($this->faulty);
        $stop = $torn ? $this->dice->int(0, \count($blocks) - 1) : \count($blocks);
        foreach (\array_slice($blocks, 0, $stop) as $block) {
            $this->bytes = substr_replace($this->bytes, $block->bytes, $block->at, \strlen($block->bytes));
        }
        if (!$torn) {
            return null;
        }
        // The block under way when it came off is neither what it was nor what it was to be.
        $half = intdiv(\strlen($blocks[$stop]->bytes), 2);
        $this->bytes = substr_replace($this->bytes, str_repeat("\xA5", $half), $blocks[$stop]->at, $half);

        return WireFault::Unplugged;
    }
}
