<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Anatomy\Place;
use Facelift\Anatomy\Thing;
use Facelift\Document\Node;
use Facelift\Plan\Effects;
use Facelift\Plan\Exchange;
use Facelift\Plan\ScrewCount;
use Facelift\Plan\ThingChange;
use Facelift\Plan\Wetness;

/**
 * What a step does to the ledger, in a plan document.
 *
 * @internal
 */
final readonly class EffectsFormat
{
    /** @return array<string, mixed> */
    public function write(Effects $e): array
    {
        $value = static fn(Thing $t): string => $t->value;

        return [
            'screwsOut' => Maps::of($e->screws->out),
            'screwsIn' => Maps::of($e->screws->in),
            'off' => $e->connectors->out,
            'on' => $e->connectors->in,
            'out' => $e->parts->out,
            'in' => $e->parts->in,
            'puts' => array_map($value, $e->things->puts),
            'takes' => array_map($value, $e->things->takes),
            'wets' => $e->wetness->wets?->value,
            'dries' => $e->wetness->dries?->value,
        ];
    }

    public function read(Node $n): Effects
    {
        return new Effects(
            new ScrewCount($n->counts('screwsOut'), $n->counts('screwsIn')),
            new Exchange($n->strings('off'), $n->strings('on')),
            new Exchange($n->strings('out'), $n->strings('in')),
            new ThingChange($n->enums('puts', Thing::class), $n->enums('takes', Thing::class)),
            new Wetness($n->optionalEnum('wets', Place::class), $n->optionalEnum('dries', Place::class)),
        );
    }
}
