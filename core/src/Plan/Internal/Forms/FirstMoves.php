<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Forms;

use Facelift\Cut\Blade;
use Facelift\Geometry\Side;

/**
 * The moves of an opening, read from the steps of a plan of version 1, which held them nowhere else.
 *
 * @internal
 */
final class FirstMoves
{
    private const KINDS = [
        'heat' => 'heat',
        'reheat' => 'reheat',
        'cool' => 'cool',
        'first-gap' => 'first-gap',
        'break-panel' => 'break-panel',
        'alcohol' => 'alcohol',
        'cut-pass' => 'pass',
    ];

    /** @var array<string, list<array<string, mixed>>> by bond */
    private array $moves = [];

    /**
     * @param array<mixed> $step of version 1
     *
     * @return array{bond: string, index: int}|null null if it is no move
     */
    public function add(array $step): ?array
    {
        $kind = self::KINDS[Old::text($step['kind'] ?? null)] ?? null;
        $bond = Old::texts($step['subjects'] ?? null)[0] ?? null;
        if ($kind === null || $bond === null) {
            return null;
        }
        $figures = Old::map($step['figures'] ?? null);
        $side = Side::tryFrom(Old::text($figures['side'] ?? null))?->value;
        $this->moves[$bond][] = [
            'kind' => $kind,
            'seconds' => max(
                Old::number($step['wait'] ?? null, 0.0),
                $kind === 'heat' || $kind === 'reheat' ? 0.0 : Old::number($step['hands'] ?? null, 0.0),
            ),
            'end' => [
                'bond' => Old::number($figures['bond'] ?? null, 0.0),
                'battery' => Old::number($figures['battery'] ?? null, 0.0),
                'grips' => Old::number($figures['grips'] ?? null, 0.0),
            ],
            'side' => $kind === 'pass' ? null : $side ?? Side::Bottom->value,
            'way' => $kind === 'pass' ? self::way($step, $figures, $side) : null,
        ];

        return ['bond' => $bond, 'index' => \count($this->moves[$bond]) - 1];
    }

    /** @return list<array<string, mixed>> */
    public function of(string $bond): array
    {
        return $this->moves[$bond] ?? [];
    }

    /**
     * @param array<mixed> $step
     * @param array<mixed> $figures
     *
     * @return array<string, mixed>
     */
    private static function way(array $step, array $figures, ?string $side): array
    {
        $from = Old::number($figures['from'] ?? null, 0.0);
        $to = Old::number($figures['to'] ?? null, $from + 1.0);

        return [
            'stretch' => [
                'id' => Old::said($figures['stretch'] ?? null) ?? 'stretch',
                'side' => $side ?? Side::Bottom->value,
                'from' => $from,
                'to' => $to,
                'depth' => Old::number($figures['depth'] ?? null, 0.0),
                'behind' => Old::said($figures['behind'] ?? null),
                'over' => Old::said($figures['over'] ?? null),
            ],
            'blade' => (Blade::tryFrom(Old::text($step['tool'] ?? null)) ?? Blade::Card)->value,
            'depth' => Old::number($figures['depth'] ?? null, 0.0),
            'pace' => max(0.01, Old::number($figures['pace'] ?? null, 3.0)),
            'length' => Old::number($figures['length'] ?? null, $to - $from),
            'crazed' => ($figures['crazed'] ?? '') === 'yes',
            'flat' => ($figures['flat'] ?? '') === 'yes',
        ];
    }
}
