<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** What can go wrong at the bench, and at which kinds of step. */
enum Trouble: string
{
    case FlexTorn = 'flex-torn';
    case ScrewStripped = 'screw-stripped';
    case ScrewLost = 'screw-lost';
    case Delamination = 'delamination';
    case ConnectorDamaged = 'connector-damaged';
    case PartDead = 'part-dead';
    case CellBent = 'cell-bent';

    public function belongsTo(string $stepKind): bool
    {
        return \in_array($stepKind, match ($this) {
            self::FlexTorn => ['first-gap', 'cut-pass', 'lift', 'lift-part', 'unplug', 'part-bond', 'plug-in', 'fit-part', 'close-bond', 'clip-shut'],
            self::ScrewStripped, self::ScrewLost => ['unscrew', 'screw-in'],
            self::Delamination => ['heat', 'reheat', 'first-gap', 'cut-pass', 'lift', 'clamp', 'unclamp', 'part-glass'],
            self::ConnectorDamaged => ['unplug', 'plug-in', 'trial-connect', 'trial-off'],
            self::PartDead => ['gate', 'trial-connect'],
            self::CellBent => ['unplug', 'warm-battery', 'part-bond', 'lift-part', 'fit-part'],
        }, true);
    }
}
