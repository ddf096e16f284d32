<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Cut\EdgeOpening;
use Facelift\Cut\Move;
use Facelift\Document\Node;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\HeatPhase;
use Facelift\Heat\Learnt;
use Facelift\Heat\Limits;
use Facelift\Heat\PhaseKind;
use Facelift\Heat\Sample;
use Facelift\Heat\Worst;

/**
 * How a bond is opened, in a plan document.
 *
 * @internal
 */
final readonly class OpeningFormat
{
    /** @return array<string, mixed> */
    public function write(EdgeOpening $o): array
    {
        return [
            'bond' => $o->bond,
            'estimate' => true,
            'blocked' => $o->blocked?->value,
            'window' => self::window($o->window),
            'limits' => self::limits($o->limits),
            'moves' => array_map(static fn(Move $m): array => (new MoveFormat())->write($m), $o->moves),
            'phases' => array_map(
                static fn(HeatPhase $p): array => ['kind' => $p->kind->value, 'from' => $p->from, 'to' => $p->to],
                $o->phases,
            ),
            'samples' => array_map(self::sample(...), $o->samples),
            'chance' => $o->chance,
            'worst' => $o->worst === null ? null : [
                'battery' => $o->worst->battery,
                'panel' => $o->worst->panel,
                'frame' => $o->worst->frame,
            ],
        ];
    }

    public function read(Node $n): EdgeOpening
    {
        $phase = static fn(Node $p): HeatPhase => new HeatPhase(
            $p->enum('kind', PhaseKind::class),
            $p->number('from', 0, 1e6),
            $p->number('to', 0, 1e6),
        );

        return new EdgeOpening(
            $n->string('bond'),
            self::readWindow($n->node('window')),
            $n->each('moves', static fn(Node $m): Move => (new MoveFormat())->read($m)),
            $n->optionalEnum('blocked', Binding::class),
            $n->each('samples', self::readSample(...)),
            $n->each('phases', $phase),
            self::readLimits($n->node('limits')),
            worst: $n->has('worst') ? self::worst($n->node('worst')) : null,
            chance: $n->optionalNumber('chance', 0, 1),
        );
    }

    /** @return array<string, mixed> */
    private static function window(AdhesiveWindow $w): array
    {
        return ['low' => $w->low, 'high' => $w->high] + ($w->from === null ? [] : [
            'learnt' => ['off' => $w->from->off, 'times' => $w->from->times, 'jobs' => $w->from->jobs],
        ]);
    }

    private static function readWindow(Node $n): AdhesiveWindow
    {
        $window = AdhesiveWindow::between($n->number('low', 0, 500), $n->number('high', 0, 500));
        $from = $n->has('learnt') ? $n->node('learnt') : null;

        return $from === null ? $window : $window->learntFrom(new Learnt(
            $from->number('off', 0.01, 50),
            $from->number('times', 0.1, 10),
            $from->int('jobs', 1, 1_000_000_000),
        ));
    }

    private static function worst(Node $n): Worst
    {
        $at = static fn(string $key): float => $n->number($key, -100, 1000);

        return new Worst($at('battery'), $at('panel'), $at('frame'));
    }

    /** @return array<string, float> */
    public static function sample(Sample $s): array
    {
        return [
            't' => $s->second,
            'bond' => $s->bond,
            'panel' => $s->panel,
            'battery' => $s->battery,
            'outer' => $s->outerFace,
            'frame' => $s->frame,
        ];
    }

    private static function readSample(Node $n): Sample
    {
        $at = static fn(string $key): float => $n->number($key, -100, 1000);

        return new Sample(
            $n->number('t', 0, 1e6),
            $at('bond'),
            $at('panel'),
            $at('battery'),
            $at('outer'),
            $at('frame'),
        );
    }

    /** @return array<string, float|null> */
    private static function limits(Limits $limits): array
    {
        return [
            'batteryStop' => $limits->batteryStop,
            'batteryCaution' => $limits->batteryCaution,
            'panel' => $limits->panel,
            'panelPeak' => $limits->panelPeak,
            'panelPeakSeconds' => $limits->panelPeakSeconds,
            'frame' => $limits->plasticFrame,
            'skin' => $limits->skin,
        ] + ($limits->plasticSoft === null ? [] : ['frameSoft' => $limits->plasticSoft]);
    }

    private static function readLimits(Node $n): Limits
    {
        $at = static fn(string $key): float => $n->number($key, 0, 1000);

        return new Limits(
            $at('batteryStop'),
            $at('batteryCaution'),
            $at('panel'),
            $at('panelPeak'),
            $at('panelPeakSeconds'),
            $n->optionalNumber('frame', 0, 1000),
            $at('skin'),
            $n->optionalNumber('frameSoft', 0, 1000),
        );
    }
}
