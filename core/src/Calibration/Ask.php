<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** One thing to be done next, with all that it takes. */
final readonly class Ask
{
    /** @param list<Block> $blocks to be written, in the order of their addresses; empty but for `write` */
    private function __construct(public AskKind $kind, public Socket $socket, public array $blocks = []) {}

    public static function identify(Socket $socket): self
    {
        return new self(AskKind::Identify, $socket);
    }

    public static function read(Socket $socket): self
    {
        return new self(AskKind::Read, $socket);
    }

    public static function keep(Socket $socket): self
    {
        return new self(AskKind::Keep, $socket);
    }

    /** @param non-empty-list<Block> $blocks */
    public static function write(array $blocks): self
    {
        return new self(AskKind::Write, Socket::New, $blocks);
    }

    public static function nothing(): self
    {
        return new self(AskKind::Nothing, Socket::New);
    }
}
