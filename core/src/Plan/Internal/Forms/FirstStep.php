<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Forms;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Thing;
use Facelift\Anatomy\Tool;
use Facelift\Plan\BatteryRule;
use Facelift\Plan\Hazard;
use Facelift\Plan\Warmth;

/**
 * A step of a plan of version 1: what was said in its cautions and display figures gets members of its own.
 *
 * @internal
 */
final readonly class FirstStep
{
    public function __construct(private Phone $phone, private FirstMoves $moves) {}

    /**
     * @param array<mixed> $step
     *
     * @return array<mixed>
     */
    public function forward(array $step): array
    {
        $figures = Old::map($step['figures'] ?? null);
        $cautions = Old::texts($step['cautions'] ?? null);
        $tool = Tool::tryFrom(Old::text($step['tool'] ?? null));

        return [
            'tool' => $tool?->value,
            'hazards' => array_values(
                array_filter($cautions, static fn(string $c): bool => Hazard::tryFrom($c) !== null),
            ),
            'warmth' => self::warmth(Old::text($step['kind'] ?? null), $cautions)->value,
            'battery' => $this->battery(Old::map($step['effects'] ?? null), $figures)->value,
            'move' => $this->moves->add($step),
            'notes' => self::notes($figures, Old::text($step['kind'] ?? null)),
            'effects' => self::effects(Old::map($step['effects'] ?? null)),
        ] + $step;
    }

    /** @param list<string> $cautions */
    private static function warmth(string $kind, array $cautions): Warmth
    {
        return match (true) {
            \in_array($kind, ['heat', 'reheat', 'warm-battery'], true) => Warmth::Battery,
            array_intersect(['hot-plate', 'hot-air'], $cautions) !== [] => Warmth::Beside,
            default => Warmth::None,
        };
    }

    /**
     * @param array<mixed> $effects
     * @param array<mixed> $figures
     */
    private function battery(array $effects, array $figures): BatteryRule
    {
        $power = $this->phone->powerConnector()->id;
        $off = Old::texts($effects['off'] ?? null);
        $touches = [...$off, ...Old::texts($effects['on'] ?? null)] !== [];

        return $touches && !\in_array($power, $off, true) && ($figures['passive'] ?? '') !== 'yes'
            ? BatteryRule::Off
            : BatteryRule::Any;
    }

    /**
     * @param array<mixed> $effects
     *
     * @return array<mixed>
     */
    private static function effects(array $effects): array
    {
        $known = static fn(mixed $list): array => array_values(
            array_filter(Old::texts($list), static fn(string $t): bool => Thing::tryFrom($t) !== null),
        );

        return ['puts' => $known($effects['puts'] ?? null), 'takes' => $known($effects['takes'] ?? null)]
            + $effects + ['wets' => null, 'dries' => null];
    }

    /**
     * @param array<mixed> $f figures
     *
     * @return list<array{code: string, figures: array<string, mixed>}>
     */
    private static function notes(array $f, string $kind): array
    {
        $text = static fn(string $key): string => Old::text($f[$key] ?? null);
        $codes = static fn(string $key): array => array_values(array_diff(explode(' ', $text($key)), ['']));
        $notes = [];
        foreach (
            [
                ['over', 'over-not-under', 'over'],
                ['without', 'clamps-do-not-fit', 'side'],
                ['behind', 'behind-the-edge', 'behind'],
            ] as [$key, $code, $figure]
        ) {
            $notes
                = $text($key) === '' ? $notes : [...$notes, ['code' => $code, 'figures' => [$figure => $text($key)]]];
        }
        foreach ([['flat', 'deep-and-flat'], ['crazed', 'crazed-here']] as [$key, $code]) {
            $notes = $text($key) === 'yes' ? [...$notes, ['code' => $code, 'figures' => []]] : $notes;
        }
        if ($kind === 'lift' && $text('hinge') !== '') {
            $notes[] = ['code' => 'hinges-on', 'figures' => ['side' => $text('hinge')]];
        }
        foreach ([['care', 'care-'], ['takeOut', 'take-out-']] as [$key, $prefix]) {
            array_push(
                $notes,
                ...array_map(static fn(string $c): array => ['code' => $prefix . $c, 'figures' => []], $codes($key)),
            );
        }

        return $notes;
    }
}
