<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** Worst first. */
enum Verdict: string
{
    case DoesNotFit = 'does-not-fit';
    case Unknown = 'unknown';
    case FitsWithLoss = 'fits-with-a-loss';
    case Fits = 'fits';

    public static function worst(self ...$verdicts): self
    {
        foreach (self::cases() as $case) {
            if (\in_array($case, $verdicts, true)) {
                return $case;
            }
        }

        return self::Fits;
    }
}
