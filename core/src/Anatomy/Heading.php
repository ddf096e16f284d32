<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What every element of a phone file begins with. */
final readonly class Heading
{
    /**
     * @param Face               $face  that has to lie upwards to reach it
     * @param list<list<string>> $after what must be off first: every clause, and of each clause one id
     */
    public function __construct(public string $id, public string $name, public Face $face, public array $after) {}
}
