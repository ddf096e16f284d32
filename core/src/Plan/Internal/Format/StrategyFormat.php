<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Node;
use Facelift\Heat\Approach;
use Facelift\Heat\Binding;
use Facelift\Heat\Worst;
use Facelift\Plan\Strategies;
use Facelift\Plan\Strategy;

/**
 * The sources of a shop side by side, in a plan document.
 *
 * @internal
 */
final readonly class StrategyFormat
{
    /**
     * @param list<Strategy> $strategies
     *
     * @return list<array<string, mixed>>
     */
    public function write(array $strategies): array
    {
        $recommended = Strategies::recommended($strategies);

        return array_map(
            fn(Strategy $s, int $i): array => $this->one($s) + ['recommended' => $i === $recommended],
            $strategies,
            array_keys($strategies),
        );
    }

    /** @return array<string, mixed> */
    private function one(Strategy $s): array
    {
        $rounded = static fn(?float $t): ?float => $t === null ? null : round($t, 1);

        return [
            'source' => (new SourceFormat())->write($s->source),
            'hold' => $s->approach->held,
            'preheat' => $s->approach->preheat === null ? null : (new SourceFormat())->write($s->approach->preheat),
            'blocked' => $s->blocked?->value,
            'heatings' => $s->heatings,
            'hands' => round($s->hands),
            'elapsed' => round($s->elapsed),
            'battery' => $rounded($s->battery),
            'panel' => $rounded($s->panel),
            'hottest' => $s->worst === null ? null : [
                'battery' => $rounded($s->worst->battery),
                'panel' => $rounded($s->worst->panel),
                'frame' => $rounded($s->worst->frame),
            ],
            'chance' => round($s->chance, 3),
        ];
    }

    public function read(Node $n): Strategy
    {
        $worst = $n->has('hottest') ? $n->node('hottest') : null;

        return Strategy::kept(
            (new SourceFormat())->read($n->node('source')),
            new Approach(
                $n->flag('hold'),
                $n->has('preheat') ? (new SourceFormat())->read($n->node('preheat')) : null,
            ),
            [$n->int('heatings', 0, 1000), $n->number('hands', 0, 1e6), $n->number('elapsed', 0, 1e6)],
            [
                $n->optionalNumber('battery', -100, 1000),
                $n->optionalNumber('panel', -100, 1000),
                $worst === null ? null : new Worst(
                    $worst->number('battery', -100, 1000),
                    $worst->number('panel', -100, 1000),
                    $worst->number('frame', -100, 1000),
                ),
            ],
            $n->number('chance', 0, 1),
            $n->optionalEnum('blocked', Binding::class),
        );
    }
}
