<?php

declare(strict_types=1);

namespace Facelift\Diagnosis\Internal;

use Facelift\Condition\Check;
use Facelift\Diagnosis\Cause;

/**
 * How likely each result of a check is, given the cause. Common practice, no source; a zero rules the cause out.
 *
 * @internal
 */
final readonly class Likelihoods
{
    /**
     * For every check and cause the likelihoods of its results in the order of `Check::results()`; each row sums to
     * one.
     */
    private const ROWS = [
        'look-at-angle' => ['panel' => [0.6, 0.4], '*' => [0.0, 1.0]],
        // The module's own light may be what has failed: then a new display mends it.
        'torch' => ['backlight-circuit' => [0.95, 0.05], 'panel' => [0.25, 0.75], '*' => [0.0, 1.0]],
        'ring' => [
            'panel' => [0.95, 0.05],
            'panel-connector' => [0.95, 0.05],
            'backlight-circuit' => [0.95, 0.05],
            'display-circuit' => [0.6, 0.4],
            '*' => [0.0, 1.0],
        ],
        'charge' => [
            'panel' => [0.0, 0.85, 0.15],
            'panel-connector' => [0.0, 0.85, 0.15],
            'backlight-circuit' => [0.0, 0.85, 0.15],
            'display-circuit' => [0.0, 0.45, 0.55],
            'flat-battery' => [0.9, 0.0, 0.1],
            'power-key' => [0.8, 0.1, 0.1],
        ],
        'wipe-dry' => ['surface-film' => [0.9, 0.1], '*' => [0.0, 1.0]],
        'pointer-trace' => [
            'digitizer' => [0.3, 0.7, 0.0],
            'digitizer-flex' => [0.7, 0.3, 0.0],
            'touch-controller' => [0.9, 0.1, 0.0],
            'surface-film' => [0.0, 0.6, 0.4],
        ],
        'reseat-connector' => ['panel-connector' => [0.8, 0.2], 'digitizer-flex' => [0.5, 0.5], '*' => [0.0, 1.0]],
        'known-good-panel' => [
            'panel' => [1.0, 0.0],
            'panel-connector' => [0.3, 0.7],
            'digitizer' => [1.0, 0.0],
            'digitizer-flex' => [1.0, 0.0],
            'surface-film' => [1.0, 0.0],
            '*' => [0.0, 1.0],
        ],
    ];

    /** A probability, 0 to 1. */
    public static function of(Check $check, string $result, Cause $cause): float
    {
        $table = self::ROWS[$check->value];
        $row = $table[$cause->value] ?? $table['*'] ?? [];

        return $row[(int) array_search($result, $check->results(), true)] ?? 0.0;
    }
}
