<?php

declare(strict_types=1);

namespace Facelift\Route;

/** Removals and what each waits for, as sets of bits: strings of bytes, so that there may be any number of them. */
final readonly class Graph
{
    /**
     * @param list<RemovalNode>  $nodes
     * @param list<list<string>> $clauses of every node, each a set of which one member is enough
     * @param list<string>       $bits    the set of one node
     */
    private function __construct(
        public array $nodes,
        private array $clauses,
        private array $bits,
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
            $bit = $none;
            $bit[intdiv($n, 8)] = \chr(1 << $n % 8);
            $bits[] = $bit;
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
            $none,
            $all,
        );
    }

    public function with(string $mask, int $n): string
    {
        return $mask | $this->bits[$n];
    }

    /**
     * Everything that this setup can do at once and in turn.
     *
     * @param list<int> $path
     *
     * @return array{string, list<int>}
     */
    public function exhaust(string $mask, Setup $setup, array $path): array
    {
        do {
            $grew = false;
            foreach ($this->nodes as $n => $node) {
                if ($setup->changesTo($node) === 0 && $this->isOpen($mask, $n)) {
                    $mask |= $this->bits[$n];
                    $path[] = $n;
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
        $turn = 0;
        foreach ($this->nodes as $n => $node) {
            if (($mask & $this->bits[$n]) === $this->none) {
                $tools[$node->tool?->set()->value ?? ''] = true;
                $turn = $node->face === $setup->face ? $turn : 1;
            }
        }
        unset($tools[''], $tools[$setup->tool->value ?? '']);

        return \count($tools) + $turn;
    }

    private function isOpen(string $mask, int $n): bool
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
