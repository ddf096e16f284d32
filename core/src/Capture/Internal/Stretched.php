<?php

declare(strict_types=1);

namespace Facelift\Capture\Internal;

/**
 * A phone file's document drawn for another size: what lies on the phone moves with it, openings and plugs keep their
 * own size.
 *
 * @internal
 */
final readonly class Stretched
{
    /** What keeps its size wherever it lies. */
    private const RIGID = ['openings'];

    /**
     * @param float $wide how much wider, as a factor
     * @param float $high how much higher
     */
    public function __construct(private float $wide, private float $high) {}

    /**
     * @param array<mixed> $node
     *
     * @return array<mixed>
     */
    public function of(array $node, bool $rigid = false): array
    {
        $out = [];
        foreach ($node as $key => $value) {
            $out[$key] = match (true) {
                \is_array($value) => $this->of($value, $rigid || \in_array($key, self::RIGID, true)),
                !\is_int($value) && !\is_float($value) => $value,
                $key === 'x' => self::mm($value * $this->wide),
                $key === 'y' => self::mm($value * $this->high),
                // A bond's width is that of its adhesive; a part's and a zone's is on the phone.
                $key === 'width' && isset($node['x']) && !$rigid => self::mm($value * $this->wide),
                $key === 'height' && isset($node['y']) && !$rigid => self::mm($value * $this->high),
                ($key === 'from' || $key === 'to') && isset($node['side'])
                    => self::mm($value * ($this->lies($node['side']) ? $this->wide : $this->high)),
                default => $value,
            };
        }

        return $out;
    }

    private function lies(mixed $side): bool
    {
        return $side === 'top' || $side === 'bottom';
    }

    private static function mm(float $value): float
    {
        return round($value, 2);
    }
}
