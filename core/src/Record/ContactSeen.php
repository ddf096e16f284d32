<?php

declare(strict_types=1);

namespace Facelift\Record;

use Facelift\Heat\ContactFit;

/** The contact of a source with one phone, as its readings tell it. */
final readonly class ContactSeen
{
    /** Standard deviations between which 95 of 100 lie, to both sides. */
    private const BOTH = 3.92;

    /**
     * @param float $years since some day, the same for all
     * @param float $log   of the coefficient in W/(m²·K)
     * @param float $error of the logarithm: one standard deviation
     */
    public function __construct(public float $years, public float $log, public float $error) {}

    public static function of(ContactFit $fit, float $years): self
    {
        return self::between($fit->coefficient, $fit->low, $fit->high, $years);
    }

    /**
     * @param float $low  lower end of its 95 % interval, more than zero
     * @param float $high no less
     */
    public static function between(float $coefficient, float $low, float $high, float $years): self
    {
        return new self($years, log($coefficient), max(0.01, log($high / $low) / self::BOTH));
    }
}
