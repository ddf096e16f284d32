<?php

declare(strict_types=1);

namespace Facelift\Route;

/** Removals and what each waits for, as sets of bits: strings of bytes, so that there may be any number of them. */
final readonly class Graph
{
    /**
     * @param list<RemovalNode>      $nodes
     * @param list<list<string>> $clauses of every node, each a set of which one member is enough
     * @param list<string>       $bits    the set of one node
     * @param list<int>              $tails   changes that what must come after each cannot do without
     */
    private function __construct(
        public array $nodes,
        private array $clauses,
        private array $bits,
        private array $tails,
        public string $none,
        public string $all,
    ) {}

    /** @param list<RemovalNode> $nodes */
    public static function of(array $nodes): self
    {
        $none = str_repeat("\0", intdiv(\count($nodes) + 7, 8));
        $index = $bits = [];
        $all = $none;
        foreach ($nodes as $n => $node) {
            $index[$node->id] = $n;
            $bits[] = $bit = self::bit($n, \count($nodes));
            $all |= $bit;
        }
        $clauses = [];
        foreach ($nodes as $node) {
            $own = [];
            foreach ($node->clauses as $any) {
                $known = array_intersect_key($index, array_fill_keys($any, true));
                if ($known !== []) {
                    $own[] = array_reduce($known, static fn(string $set, int $n): string => $set | $bits[$n], $none);
                }
            }
            $clauses[] = $own;
        }

        return new self(
            $nodes,
            $clauses,
            $bits,
            self::tails($nodes, $index),
            $none,
            $all,
        );
    }

    private static function bit(int $n, int $of): string
    {
        $bit = str_repeat("\0", intdiv($of + 7, 8));
        $bit[intdiv($n, 8)] = \chr(1 << $n % 8);

        return $bit;
    }

    /**
     * Along every chain of removals that wait for one another the changes between each and the next have to be made;
     * bare hands may hold any tool. The longest such chain from each removal on.
     *
     * @param list<RemovalNode>  $nodes
     * @param array<string, int> $index
     *
     * @return list<int>
     */
    private static function tails(array $nodes, array $index): array
    {
        $after = array_fill(0, \count($nodes), []);
        foreach ($nodes as $n => $node) {
            foreach ($node->clauses as $any) {
                $known = array_values(array_intersect_key($index, array_fill_keys($any, true)));
                if (\count($known) === 1) {
                    $after[$known[0]][] = $n;
                }
            }
        }
        $tails = [];
        $open = [];
        $of = static function (int $n) use (&$of, &$tails, &$open, $after, $nodes): int {
            // What waits for itself in a ring has no order at all: that is found out elsewhere.
            if (isset($tails[$n]) || isset($open[$n])) {
                return $tails[$n] ?? 0;
            }
            $open[$n] = true;
            $tail = 0;
            foreach ($after[$n] as $m) {
                $tail = max($tail, self::between($nodes[$n], $nodes[$m]) + $of($m));
            }
            unset($open[$n]);

            return $tails[$n] = $tail;
        };

        return array_map($of, array_keys($nodes));
    }

    private static function between(RemovalNode $a, RemovalNode $b): int
    {
        $tools = $a->tool !== null && $b->tool !== null && $a->tool->set() !== $b->tool->set();

        return ($tools ? 1 : 0) + ($a->face !== $b->face ? 1 : 0);
    }

    public function with(string $mask, int $n): string
    {
        return $mask | $this->bits[$n];
    }

    /**
     * Everything that this setup can do at once and in turn.
     *
     * @return array{string, Trail|null}
     */
    public function exhaust(string $mask, Setup $setup, ?Trail $path): array
    {
        do {
            $grew = false;
            foreach ($this->nodes as $n => $node) {
                if ($setup->changesTo($node) === 0 && $this->isOpen($mask, $n)) {
                    $mask |= $this->bits[$n];
                    $path = new Trail($n, $path);
                    $grew = true;
                }
            }
        } while ($grew);

        return [$mask, $path];
    }

    /**
     * One removal per setup that can be reached: the first of them; the rest follow at no price.
     *
     * @return list<array{int, int}> index of the removal and its price
     */
    public function openings(string $mask, Setup $setup): array
    {
        $found = [];
        foreach ($this->nodes as $n => $node) {
            if ($this->isOpen($mask, $n)) {
                $found[$setup->after($node)->key()] ??= [$n, $setup->changesTo($node)];
            }
        }
        usort($found, static fn(array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);

        return $found;
    }

    /** The least that what is left must cost, whatever the order. */
    public function least(string $mask, Setup $setup): int
    {
        $tools = [];
        $turn = $chain = 0;
        foreach ($this->nodes as $n => $node) {
            if (($mask & $this->bits[$n]) === $this->none) {
                $tools[$node->tool?->set()->value ?? ''] = true;
                $turn = $node->face === $setup->face ? $turn : 1;
                $chain = max($chain, $setup->changesTo($node) + $this->tails[$n]);
            }
        }
        unset($tools[''], $tools[$setup->tool->value ?? '']);

        return max(\count($tools) + $turn, $chain);
    }

    /** True if nothing blocks it any more, and it is not off yet. */
    public function isOpen(string $mask, int $n): bool
    {
        if (($mask & $this->bits[$n]) !== $this->none) {
            return false;
        }
        foreach ($this->clauses[$n] as $any) {
            if (($any & $mask) === $this->none) {
                return false;
            }
        }

        return true;
    }
}
