<?php

declare(strict_types=1);

namespace Facelift\Tests\Cost;

/** Shop rules as they are sent, for tests. */
final class Rules
{
    /** @return array<string, mixed> */
    public static function data(): array
    {
        return [
            'currency' => 'EUR',
            'hourlyRate' => '36',
            'taxRate' => '0.19',
            'roundTo' => '1',
            'marginFloor' => '0.2',
            'tapeMetre' => '0.5',
            'seal' => '3.2',
            'glueMl' => '1.1',
            'glassKit' => '4',
            'sundries' => '1.5',
            'fixed' => [['phone' => 'brasca-fern-5', 'kind' => 'display-assembly', 'amount' => '149']],
            'worth' => [['phone' => 'quillon-vesper', 'amount' => '180']],
            'warrantyDays' => 180,
            'insurerDays' => 14,
        ];
    }
}
