<?php

declare(strict_types=1);

namespace Facelift\Route;

/**
 * Improves an order piece by piece: a dozen removals that follow each other are put in their best order between what
 * comes before and what comes after, again and again until no piece gets better.
 */
final readonly class Improved
{
    /** Removals of one piece. */
    private const PIECE = 12;
    private const ROUNDS = 8;
    /** Orders of one piece that are looked into, at most. */
    private const TRIES = 600;

    public function __construct(private Graph $graph) {}

    /**
     * @param list<int> $order complete and valid
     *
     * @return list<int> complete, valid and no worse
     */
    public function of(array $order): array
    {
        $step = intdiv(self::PIECE, 2);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $this->changes($order);
            for ($from = 0; $from < \count($order) - 1; $from += $step) {
                $order = $this->piece($order, $from);
            }
            if ($this->changes($order) >= $before) {
                break;
            }
        }

        return $order;
    }

    /**
     * @param list<int> $order
     *
     * @return list<int>
     */
    private function piece(array $order, int $from): array
    {
        $piece = \array_slice($order, $from, self::PIECE);
        $done = $this->graph->none;
        foreach (\array_slice($order, 0, $from) as $n) {
            $done = $this->graph->with($done, $n);
        }
        $start = $this->setupAfter(\array_slice($order, 0, $from));
        $end = isset($order[$from + self::PIECE]) ? $this->graph->nodes[$order[$from + self::PIECE]] : null;
        $most = $this->price($piece, $start, $end);
        $tries = 0;
        $best = $this->better(
            $piece,
            $done,
            $start,
            $end,
            [],
            0,
            $most,
            $tries,
        );

        return $best === null ? $order : [
            ...\array_slice($order, 0, $from),
            ...$best,
            ...\array_slice($order, $from + self::PIECE),
        ];
    }

    /**
     * @param list<int> $left
     * @param list<int> $path
     * @param int       $most price of the best so far
     *
     * @return list<int>|null an order of the piece for less; null if none was found
     */
    private function better(
        array $left,
        string $done,
        Setup $setup,
        ?RemovalNode $end,
        array $path,
        int $paid,
        int &$most,
        int &$tries,
    ): ?array {
        // Whatever needs no change is done at once.
        do {
            $grew = false;
            foreach ($left as $i => $n) {
                if ($setup->changesTo($this->graph->nodes[$n]) === 0 && $this->graph->isOpen($done, $n)) {
                    $done = $this->graph->with($done, $n);
                    $path[] = $n;
                    unset($left[$i]);
                    $grew = true;
                }
            }
        } while ($grew);
        if ($left === []) {
            $price = $paid + ($end === null ? 0 : $setup->changesTo($end));
            if ($price >= $most) {
                return null;
            }
            $most = $price;

            return $path;
        }
        $best = null;
        $seen = [];
        foreach ($left as $next) {
            $node = $this->graph->nodes[$next];
            $after = $setup->after($node);
            $price = $paid + $setup->changesTo($node);
            if ($price >= $most || isset($seen[$after->key()]) || !$this->graph->isOpen($done, $next)) {
                continue;
            }
            if (++$tries > self::TRIES) {
                break;
            }
            $seen[$after->key()] = true;
            $best = $this->better(
                array_values($left),
                $done,
                $after,
                $end,
                $path,
                $price,
                $most,
                $tries,
            ) ?? $best;
        }

        return $best;
    }

    /** @param list<int> $order */
    private function setupAfter(array $order): Setup
    {
        return array_reduce(
            $order,
            fn(Setup $s, int $n): Setup => $s->after($this->graph->nodes[$n]),
            Setup::start(),
        );
    }

    /** @param list<int> $piece */
    private function price(array $piece, Setup $setup, ?RemovalNode $end): int
    {
        $price = 0;
        foreach ($piece as $n) {
            $price += $setup->changesTo($this->graph->nodes[$n]);
            $setup = $setup->after($this->graph->nodes[$n]);
        }

        return $price + ($end === null ? 0 : $setup->changesTo($end));
    }

    /** @param list<int> $order */
    private function changes(array $order): int
    {
        return OrderedRemovals::changesOf(...array_map(fn(int $n): RemovalNode => $this->graph->nodes[$n], $order));
    }
}
