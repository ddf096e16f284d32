<?php

declare(strict_types=1);

namespace Facelift\Route;

use Facelift\Anatomy\Face;

/** What lies ready: the tool in the hand and the face that is up. */
final readonly class Setup
{
    private function __construct(public ?string $tool, public Face $face) {}

    /** A job starts with no tool in the hand and the phone face up. */
    public static function start(): self
    {
        return new self(null, Face::Front);
    }

    public function changesTo(RemovalNode $node): int
    {
        return ($node->tool !== null && $node->tool !== $this->tool ? 1 : 0) + ($node->face !== $this->face ? 1 : 0);
    }

    public function after(RemovalNode $node): self
    {
        return new self($node->tool ?? $this->tool, $node->face);
    }

    public function key(): string
    {
        return ($this->tool ?? '') . '|' . $this->face->value;
    }
}
