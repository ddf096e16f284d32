<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Geometry\Side;

/** What was measured at the bench before anything is peeled; it goes before what the phone file says. */
final readonly class Readings
{
    /**
     * @param float|null           $module  mm, thickness of the new part's module at its edge
     * @param array<string, float> $recess  mm deep, by side
     * @param array<string, float> $residue mm of old adhesive left, by side
     *
     * @throws NothingToSeal If a figure cannot be; it says which.
     */
    public function __construct(public ?float $module = null, public array $recess = [], public array $residue = [])
    {
        if ($module !== null) {
            self::check('module', $module, 0.2);
        }
        foreach ($recess as $side => $mm) {
            self::check('recess ' . Side::from($side)->value, $mm, 0.2);
        }
        foreach ($residue as $side => $mm) {
            self::check('residue ' . Side::from($side)->value, $mm, 0.0);
        }
    }

    private static function check(string $field, float $mm, float $low): void
    {
        if (!is_finite($mm) || $mm < $low || $mm > 10.0) {
            throw NothingToSeal::figure($field, $mm, $low, 10.0);
        }
    }
}
