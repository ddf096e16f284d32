<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Place;

/** What is wet at a moment. */
final readonly class Moisture
{
    /**
     * @param list<Place> $places that are wet and not confirmed dry
     * @param bool        $soaked alcohol or remover has been in the battery's well: the battery gets no more heat at
     *     all
     */
    public function __construct(public array $places, public bool $soaked) {}
}
