<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Document\Reason;
use Facelift\Proof\Gate;

/** What a step is about. */
final readonly class Act
{
    /**
     * @param list<string>                    $subjects ids in the phone file that it is about, drawn on the mat
     * @param array<string, string|float|int> $figures  what the wording needs, and nothing else reads
     * @param Gate|null                       $gate     that is passed with it
     * @param MoveOf|null                     $move     the move of an opening that it is
     * @param list<Reason>                    $notes    further sentences, each worded by its code
     */
    public function __construct(
        public StepKind $kind,
        public array $subjects,
        public array $figures = [],
        public ?Gate $gate = null,
        public ?MoveOf $move = null,
        public array $notes = [],
    ) {}

    /** @param array<string, string|float|int> $figures */
    public function saying(array $figures): self
    {
        return new self(
            $this->kind,
            $this->subjects,
            $figures,
            $this->gate,
            $this->move,
            $this->notes,
        );
    }

    public function testing(Gate $gate): self
    {
        return new self(
            $this->kind,
            $this->subjects,
            $this->figures,
            $gate,
            $this->move,
            $this->notes,
        );
    }

    public function moving(MoveOf $move): self
    {
        return new self(
            $this->kind,
            $this->subjects,
            $this->figures,
            $this->gate,
            $move,
            $this->notes,
        );
    }

    public function noting(Reason ...$notes): self
    {
        $all = [...$this->notes, ...array_values($notes)];

        return new self(
            $this->kind,
            $this->subjects,
            $this->figures,
            $this->gate,
            $this->move,
            $all,
        );
    }
}
