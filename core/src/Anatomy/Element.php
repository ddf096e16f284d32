<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** An element of a phone that can be taken off or out: a part, a group of screws, a connector or a bond. */
abstract readonly class Element
{
    public string $id;
    public string $name;
    public Face $face;
    /** @var list<list<string>> */
    public array $after;

    protected function __construct(Heading $heading)
    {
        $this->id = $heading->id;
        $this->name = $heading->name;
        $this->face = $heading->face;
        $this->after = $heading->after;
    }
}
