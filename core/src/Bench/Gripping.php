<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** A fresh bond that has to be opened again: the sooner, the less it holds. */
final readonly class Gripping
{
    /**
     * @param int        $shut  ms since 1970
     * @param float|null $hours until it holds as it should, an estimate; null if none is known
     */
    public function __construct(public string $bond, public string $name, public int $shut, public ?float $hours) {}
}
