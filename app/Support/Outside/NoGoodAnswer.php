<?php

declare(strict_types=1);

namespace App\Support\Outside;

/** A service outside did not answer, or answered nonsense. */
final class NoGoodAnswer extends \RuntimeException
{
    private function __construct(string $message, public readonly string $fault)
    {
        parent::__construct($message);
    }

    public static function notSetUp(): self
    {
        return new self('No address is set for this service.', 'not-set-up');
    }

    public static function unreachable(string $why): self
    {
        return new self('It does not answer: ' . $why, 'unreachable');
    }

    public static function refused(int $status): self
    {
        return new self(sprintf('It answered %d.', $status), 'refused');
    }

    public static function nonsense(string $what): self
    {
        return new self('Its answer makes no sense: ' . $what, 'nonsense');
    }
}
