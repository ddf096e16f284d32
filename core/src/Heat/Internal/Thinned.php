<?php

declare(strict_types=1);

namespace Facelift\Heat\Internal;

use Facelift\Heat\Reading;

/**
 * Many readings brought down to some dozens: neighbours in time at one place are told by the middle one of them.
 *
 * @internal
 */
final readonly class Thinned
{
    /** More tell a fit nothing. */
    private const MOST = 60;

    /**
     * @param non-empty-list<Reading> $readings in order of their moments
     * @param list<int>               $counts   how many each stands for
     */
    private function __construct(public array $readings, private array $counts) {}

    /** @param non-empty-list<Reading> $readings in any order */
    public static function of(array $readings): self
    {
        $together = (int) ceil(\count($readings) / self::MOST);
        usort(
            $readings,
            static fn(Reading $a, Reading $b): int => [$a->probe->value, $a->second, $a->celsius] <=> [
                $b->probe->value,
                $b->second,
                $b->celsius,
            ],
        );
        $kept = [];
        foreach (array_chunk($readings, max(1, $together)) as $chunk) {
            foreach (self::byProbe($chunk) as $same) {
                usort($same, static fn(Reading $a, Reading $b): int => $a->celsius <=> $b->celsius);
                $kept[] = [$same[intdiv(\count($same), 2)], \count($same)];
            }
        }
        \assert($kept !== []);
        usort(
            $kept,
            static fn(array $a, array $b): int => [$a[0]->second, $a[0]->probe->value] <=> [
                $b[0]->second,
                $b[0]->probe->value,
            ],
        );

        return new self(
            array_map(static fn(array $k): Reading => $k[0], $kept),
            array_map(static fn(array $k): int => $k[1], $kept),
        );
    }

    /** @param list<int> $indexes */
    public function count(array $indexes): int
    {
        return array_sum(array_map(fn(int $i): int => $this->counts[$i], $indexes));
    }

    /**
     * @param list<Reading> $readings
     *
     * @return array<string, non-empty-list<Reading>>
     */
    private static function byProbe(array $readings): array
    {
        $by = [];
        foreach ($readings as $reading) {
            // What a sticker shows stands for itself.
            $by[$reading->probe->value . '/' . ($reading->sticker->value ?? '')][] = $reading;
        }

        return $by;
    }
}
