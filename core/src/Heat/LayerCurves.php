<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;

/** Looks into one stack: the mean temperature of every layer while a programme runs. */
final readonly class LayerCurves
{
    /** @param list<Layer> $stack from the heated face inwards, at least one layer */
    public function __construct(private array $stack, private float $room = Usual::ROOM) {}

    /**
     * @param float $every s between two samples, more than zero
     *
     * @return list<list<float>> by layer, °C from second zero to the programme's end, at the same times as
     *     `Curves::run`
     */
    public function run(Programme $programme, float $every = 2.0): array
    {
        $lane = new Lane($this->stack, $this->room);
        $rows = array_map(static fn(int $i): array => [$lane->meanOf($i)], array_keys($this->stack));
        foreach ($programme->spans as $span) {
            $span->source === null ? $lane->rest() : $lane->heat($span->source);
            for ($left = $span->seconds; $left > 1e-9; $left -= $every) {
                $lane->advance(min($every, $left));
                foreach (array_keys($this->stack) as $i) {
                    $rows[$i][] = $lane->meanOf($i);
                }
            }
        }

        return array_values($rows);
    }
}
