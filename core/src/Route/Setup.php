<?php

declare(strict_types=1);

namespace Facelift\Route;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;

/** What lies ready: the set of tools in use and the face that is up. */
final readonly class Setup
{
    private function __construct(public ?Tool $tool, public Face $face) {}

    /** A job starts with no tool in the hand and the phone face up. */
    public static function start(): self
    {
        return new self(null, Face::Front);
    }

    public function changesTo(RemovalNode $node): int
    {
        return $this->changesFor($node->tool, $node->face);
    }

    public function after(RemovalNode $node): self
    {
        return $this->with($node->tool, $node->face);
    }

    /** Changes of tool and turns of the phone to get there; bare hands cost none. */
    public function changesFor(?Tool $tool, Face $face): int
    {
        return ($tool !== null && $tool->set() !== $this->tool ? 1 : 0) + ($face !== $this->face ? 1 : 0);
    }

    public function with(?Tool $tool, Face $face): self
    {
        return new self($tool?->set() ?? $this->tool, $face);
    }

    public function key(): string
    {
        return ($this->tool->value ?? '') . '|' . $this->face->value;
    }
}
