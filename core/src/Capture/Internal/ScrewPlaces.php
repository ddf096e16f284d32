<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

/**
 * Where screws lie of which only some were tapped: as many as were counted, the rest in a row from the last to the
 * phone's middle.
 *
 * @internal
 */
final readonly class ScrewPlaces
{
    /** mm between two screws that were counted and not tapped */
    private const APART = 6.0;

    private function __construct(private float $halfWidth, private float $halfHeight) {}

    /** @param array<array-key, mixed> $body of the phone file */
    public static function on(array $body): self
    {
        $half = static fn(string $k): float => is_numeric($body[$k] ?? null) ? (float) $body[$k] / 2 : 30.0;

        return new self($half('width'), $half('height'));
    }

    /**
     * @param list<array{float, float}> $tapped mm
     * @param array{float, float}       $else   where nothing was tapped
     *
     * @return list<array{x: float, y: float}> as many as counted, at least one
     */
    public function of(array $tapped, int $count, array $else): array
    {
        $places = \array_slice($tapped, 0, max(1, $count));
        $last = $places === [] ? $else : $places[\count($places) - 1];
        [$dx, $dy] = [$this->halfWidth - $last[0], $this->halfHeight - $last[1]];
        $far = max(1e-6, hypot($dx, $dy));
        for ($i = \count($places), $n = 1; $i < $count; ++$i, ++$n) {
            // Never past the middle: as many as there are lie within half of the way.
            $along = min(self::APART * $n, $far * $n / (2 * $count)) / $far;
            $places[] = [$last[0] + $dx * $along, $last[1] + $dy * $along];
        }

        return array_map(static fn(array $p): array => ['x' => round($p[0], 2), 'y' => round($p[1], 2)], $places);
    }
}
