<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Document\Reason;

/** One criterion with its verdict. */
final readonly class Criterion
{
    /** @param Reason|null $customer the sentence that the customer has to hear; null if nothing is lost */
    public function __construct(
        public string $name,
        public Verdict $verdict,
        public Reason $because,
        public ?Reason $customer = null,
    ) {}

    public static function fits(string $name, Reason $because): self
    {
        return new self($name, Verdict::Fits, $because);
    }

    public static function loses(string $name, Reason $because, Reason $customer): self
    {
        return new self($name, Verdict::FitsWithLoss, $because, $customer);
    }

    public static function refused(string $name, Reason $because): self
    {
        return new self($name, Verdict::DoesNotFit, $because);
    }

    /** No verdict: a datum is missing. */
    public static function missing(string $name): self
    {
        return new self($name, Verdict::Unknown, new Reason('datum-missing', ['datum' => $name]));
    }
}
