<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Condition\FunctionState;

/** A test set beside what the function did at check-in. */
enum Change: string
{
    case NewFault = 'new-fault';
    case Mended = 'mended';
    case StillFails = 'still-fails';
    case StillWorks = 'still-works';
    case FailsUnknownBefore = 'fails-unknown-before';
    case WorksUnknownBefore = 'works-unknown-before';
    case NotTested = 'not-tested';

    public static function between(FunctionState $before, Outcome $after): self
    {
        return match ([$before, $after]) {
            [FunctionState::Works, Outcome::Fail] => self::NewFault,
            [FunctionState::Fails, Outcome::Pass] => self::Mended,
            [FunctionState::Fails, Outcome::Fail] => self::StillFails,
            [FunctionState::Works, Outcome::Pass] => self::StillWorks,
            [FunctionState::CannotTest, Outcome::Fail] => self::FailsUnknownBefore,
            [FunctionState::CannotTest, Outcome::Pass] => self::WorksUnknownBefore,
            default => self::NotTested,
        };
    }
}
