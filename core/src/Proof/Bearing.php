<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Proof\Fault\Ranked;

/** Who bears a function that fails at the end. Local law and what was agreed in writing come before it. */
enum Bearing: string
{
    case Shop = 'shop';
    /** The part came faulty. */
    case Supplier = 'supplier';
    /** It failed at check-in already. */
    case Customer = 'customer';
    /** It could not be tested before: nobody can say whose it is. */
    case Nobody = 'nobody';

    /** More likely than not, before a supplier is named. */
    private const LIKELY = 0.5;

    /**
     * @param Ranked|null $behind what is most likely behind it
     *
     * @return self|null null if the function does not fail
     */
    public static function of(Change $change, ?Ranked $behind): ?self
    {
        return match ($change) {
            Change::StillFails => self::Customer,
            Change::FailsUnknownBefore => self::Nobody,
            Change::NewFault => $behind?->suspicion->kind->isOfThePart() === true && $behind->share > self::LIKELY
                ? self::Supplier
                : self::Shop,
            default => null,
        };
    }
}
