<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Payer;
use Facelift\Document\Reason;
use Facelift\Fit\DataDecision;
use Facelift\Quantity\Money;

/** The option that the customer has accepted, with every figure that was shown. */
final readonly class Quote
{
    /**
     * @param string       $name     of the kind of part, as the phone file has it
     * @param float        $handsOn  s
     * @param bool         $warranty true for a comeback that costs nothing
     * @param Money        $insured  what the insurer pays of it, not more than the price
     * @param list<Reason> $customer what the customer has to hear
     * @param DataDecision|null $data what was decided about the display's data; null if there was nothing to decide
     */
    public function __construct(
        public ReplacementKind $kind,
        public string $name,
        public QuotedPart $part,
        public float $handsOn,
        public Charge $charge,
        public bool $warranty,
        public Payer $payer,
        public Money $insured,
        public array $customer,
        public ?DataDecision $data = null,
    ) {}

    /** What the customer pays at the counter. */
    public function due(): Money
    {
        return $this->price()->minus($this->insured);
    }

    /** The price that holds: nothing under warranty. */
    public function price(): Money
    {
        return $this->warranty ? Money::zero() : $this->charge->gross;
    }

    /** With another name in the place of whoever decided about the display's data. */
    public function nameless(string $name): self
    {
        return new self(
            $this->kind,
            $this->name,
            $this->part,
            $this->handsOn,
            $this->charge,
            $this->warranty,
            $this->payer,
            $this->insured,
            $this->customer,
            $this->data === null ? null : new DataDecision($this->data->way, $name),
        );
    }

    public function isFor(ReplacementKind $kind, int $item): bool
    {
        return $this->kind === $kind && $this->part->item === $item;
    }

    /**
     * With what a trouble at the bench has added, as the customer agreed to it.
     *
     * @param Money $authorised what the insurer has authorised in all; counts only if the insurer pays
     */
    public function raisedBy(Further $further, Money $authorised): self
    {
        $raised = $this->charge->raisedBy($further);
        $price = $this->warranty ? Money::zero() : $raised->gross;
        $insured = $this->payer === Payer::Insurer ? Money::smaller($authorised, $price) : Money::zero();

        return new self(
            $this->kind,
            $this->name,
            $this->part,
            $this->handsOn,
            $raised,
            $this->warranty,
            $this->payer,
            $insured,
            $this->customer,
            $this->data,
        );
    }
}
