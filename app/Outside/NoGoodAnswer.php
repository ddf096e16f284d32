<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\NoGood;

/** A service outside did not answer, or answered nonsense. */
final class NoGoodAnswer extends \RuntimeException
{
    private function __construct(string $message, public readonly NoGood $fault, public readonly bool $declined = false)
    {
        parent::__construct($message);
    }

    public static function notSetUp(): self
    {
        return new self('No address is set for this service.', NoGood::NotSetUp);
    }

    public static function unreachable(string $why): self
    {
        return new self('It does not answer: ' . $why, NoGood::Unreachable);
    }

    /** Declined, and not only out of order, if the fault lies with what was asked: a 4xx. */
    public static function refused(int $status): self
    {
        return new self(sprintf('It answered %d.', $status), NoGood::Refused, $status >= 400 && $status < 500);
    }

    public static function nonsense(string $what): self
    {
        return new self('Its answer makes no sense: ' . $what, NoGood::Nonsense);
    }
}
