<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** How far what a heating is computed from may be off: one standard deviation of each. Estimates from memory. */
final readonly class Uncertainty
{
    /** Standard deviations below which 95 of 100 lie. */
    public const NINETY_FIVE = 1.645;
    /** The contact of a plate is 100–150 W/m²K, which is taken as nine of ten cases; air is known no better. */
    private const CONTACT = 0.12;
    /** Of one that the shop has fitted to its own readings. */
    private const MEASURED = 0.05;
    /**
     * Of one that the shop's record has taught: phones lie on it differently, by 0.08, and a record of ten jobs and
     * more leaves 0.03 open.
     */
    private const LEARNT = 0.085;
    /** K that the lower end of an adhesive's window is off; unknown adhesive is off by more. */
    private const WINDOW = 3.0;
    private const FOREIGN_WINDOW = 5.0;
    /** Of the logarithm of a blade's pace. */
    private const PACE = 0.25;

    /**
     * @param float $contact share of the coefficient, 0 to 0.5
     * @param float $window  K
     * @param float $pace    of the logarithm of the pace, more than zero
     */
    public function __construct(public float $contact, public float $window, public float $pace = self::PACE) {}

    /** @param AdhesiveWindow|null $window what was learnt of it is known better; null for an estimate */
    public static function of(Source $source, AdhesiveState $state, ?AdhesiveWindow $window = null): self
    {
        return new self(
            match ($source->origin) {
                Origin::ShopsOwn => self::MEASURED,
                Origin::ShopsRecord => self::LEARNT,
                Origin::CommonPractice, Origin::FromMemory => self::CONTACT,
            },
            $window->from->off ?? self::windowOf($state),
        );
    }

    /** K that the lower end of an adhesive's window is off while nothing was learnt of it. */
    public static function windowOf(AdhesiveState $state): float
    {
        return $state === AdhesiveState::Foreign ? self::FOREIGN_WINDOW : self::WINDOW;
    }

    /** The same source as hot as it is in 5 of 100 cases. */
    public function hottest(Source $source): Source
    {
        [, $most] = $source->kind->coefficients();

        return $source->withCoefficient(
            min($most, $source->coefficient * (1 + self::NINETY_FIVE * $this->contact)),
            $source->origin,
        );
    }
}
