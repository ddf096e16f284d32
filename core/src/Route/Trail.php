<?php

declare(strict_types=1);

namespace Facelift\Route;

/** An order of removals so far: the last of them, and those before it, which many orders share. */
final readonly class Trail
{
    public int $length;

    public function __construct(private int $node, private ?self $before)
    {
        $this->length = 1 + ($before->length ?? 0);
    }

    /** @return list<int> from the first to the last; none without a trail */
    public static function all(?self $last): array
    {
        $all = [];
        for ($at = $last; $at !== null; $at = $at->before) {
            $all[] = $at->node;
        }

        return array_reverse($all);
    }
}
