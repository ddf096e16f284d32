<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cut\EdgeOpening;
use Facelift\Seal\GlassLaying;
use Facelift\Seal\SealPlan;

/** The bonds that are cut round in a job: how each is opened, and how it is made again. */
final readonly class Sealing
{
    /**
     * @param array<string, EdgeOpening> $openings by bond, in the order of cutting
     * @param array<string, SealPlan>    $seals    of the same bonds
     * @param GlassLaying|null           $glass    for new glass on the phone's own panel; null for any other part
     */
    public function __construct(public array $openings, public array $seals, public ?GlassLaying $glass = null) {}

    /** The same with one bond made again otherwise. */
    public function sealed(SealPlan $seal): self
    {
        return new self(
            $this->openings,
            array_replace($this->seals, [$seal->bond => $seal]),
            $this->glass,
        );
    }

    /** The same with one bond opened otherwise. */
    public function opening(EdgeOpening $opening): self
    {
        return new self(
            array_replace($this->openings, [$opening->bond => $opening]),
            $this->seals,
            $this->glass,
        );
    }
}
