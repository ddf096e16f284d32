<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Cut\Alcohol;
use Facelift\Cut\BreakPanel;
use Facelift\Cut\Cooling;
use Facelift\Cut\FirstGap;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Cut\Pass;

/**
 * What a move is called in a plan document.
 *
 * @internal
 */
enum MoveKind: string
{
    case Heat = 'heat';
    case Reheat = 'reheat';
    case Cool = 'cool';
    case FirstGap = 'first-gap';
    case BreakPanel = 'break-panel';
    case Alcohol = 'alcohol';
    case Pass = 'pass';

    public static function of(Move $move): self
    {
        return match (true) {
            $move instanceof Heating => $move->again ? self::Reheat : self::Heat,
            $move instanceof Cooling => self::Cool,
            $move instanceof FirstGap => self::FirstGap,
            $move instanceof BreakPanel => self::BreakPanel,
            $move instanceof Alcohol => self::Alcohol,
            $move instanceof Pass => self::Pass,
            default => throw new \LogicException('a move without a name: ' . $move::class),
        };
    }
}
