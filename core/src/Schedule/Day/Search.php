<?php

declare(strict_types=1);

namespace Facelift\Schedule\Day;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for a better day by changing the order and who does what, one thing at a time. A day that is a little worse
 * than the last is gone on with if it is no worse than the one some tries ago (late acceptance: Burke and Bykov 2017,
 * European Journal of Operational Research 258).
 */
final class Search
{
    private const MEMORY = 12;
    /** days that are laid out by the rules */
    private const RULES = 10;
    /** The same day gets the same order. */
    private const SEED = 20260101;

    private Randomizer $random;

    public function __construct(private readonly Day $day, private readonly ?Memory $before = null)
    {
        $this->random = new Randomizer(new Mt19937(self::SEED));
    }

    /** @param int $tries days that are laid out, one or more */
    public function best(int $tries): Laid
    {
        [$order, $best] = $this->begin($tries);
        $value = $best->value($this->before);
        if (\count($order->sequence) < 2) {
            return $best;
        }
        [$laid, $current] = [$best, $value];
        $past = array_fill(0, self::MEMORY, $value);
        for ($i = self::RULES; $i < $tries; ++$i) {
            $other = $this->neighbour($order, $laid);
            $its = Layout::of($this->day, $other);
            $new = $its->value($this->before);
            if (!$current->isBetterThan($new) || !$past[$i % self::MEMORY]->isBetterThan($new)) {
                [$order, $laid, $current] = [$other, $its, $new];
            }
            $past[$i % self::MEMORY] = $current;
            if ($new->isBetterThan($value)) {
                [$best, $value] = [$its, $new];
            }
        }

        return $best;
    }

    /** @return array{Order, Laid} the best of what the rules give, or what was before */
    private function begin(int $tries): array
    {
        $starts = \array_slice(Rules::of($this->day), 0, max(1, $tries));
        if ($this->before !== null) {
            $as = $this->before->of($this->day);
            array_unshift($starts, $as, new Order($as->sequence));
        }
        $order = new Order([]);
        $best = null;
        foreach ($starts as $start) {
            $laid = Layout::of($this->day, $start);
            if ($best === null || $laid->value($this->before)->isBetterThan($best->value($this->before))) {
                [$order, $best] = [$start, $laid];
            }
        }

        return [$order, $best ?? Layout::of($this->day, $order)];
    }

    private function neighbour(Order $order, Laid $laid): Order
    {
        $last = \count($order->sequence) - 1;
        $from = $this->random->getInt(0, $last);
        $j = $order->sequence[$from];
        $kind = $this->random->getInt(0, 9);
        if ($kind < 2 && \count($this->day->presence) > 1) {
            return $this->otherHands($order, $j);
        }
        if ($kind < 3) {
            return $this->waits($order, $j, $laid);
        }
        if ($kind < 5) {
            // All that is left of one phone where another stands.
            return $order->in(self::phone($order->sequence, $j, $this->random->getInt(0, $last)));
        }
        // Mostly not far: what is far away seldom hangs together.
        $reach = min($last, 6);
        $to = max(0, min($last, $from + $this->random->getInt(-$reach, $reach)));
        $sequence = $order->sequence;
        array_splice($sequence, $to, 0, array_splice($sequence, $from, 1));

        return $order->in($sequence);
    }

    private function otherHands(Order $order, int $j): Order
    {
        $k = $this->random->getInt(0, \count($this->day->tasks[$j]->works) - 1);
        $may = array_keys($this->day->tasks[$j]->works[$k]->shapes);

        return $order->by($j, $k, $may[$this->random->getInt(0, \count($may))] ?? null);
    }

    /** A block begins when another is left, or over, or whenever it can. */
    private function waits(Order $order, int $j, Laid $laid): Order
    {
        $k = $this->random->getInt(0, \count($this->day->tasks[$j]->works) - 1);
        $other = $this->random->getInt(0, \count($this->day->tasks) - 1);
        $block = $this->random->getInt(0, \count($this->day->tasks[$other]->works) - 1);
        if (isset($order->notBefore[$j][$k]) || $other === $j) {
            return $order->notBefore($j, $k, null);
        }

        return $order->notBefore(
            $j,
            $k,
            $this->random->getInt(0, 1) === 0 ? $laid->left($other, $block) : $laid->over($other, $block),
        );
    }

    /**
     * @param list<int> $sequence
     *
     * @return list<int>
     */
    private static function phone(array $sequence, int $j, int $to): array
    {
        $others = array_values(array_filter($sequence, static fn(int $other): bool => $other !== $j));
        $moved = array_fill(0, \count($sequence) - \count($others), $j);
        array_splice($others, min($to, \count($others)), 0, $moved);

        return $others;
    }
}
