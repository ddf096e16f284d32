<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** A piece of a programme. */
final readonly class Span
{
    /**
     * @param float       $seconds   zero or more
     * @param Source|null $source    null for still air
     * @param bool        $elsewhere true at another stretch of the edge than before
     * @param float|null  $keptAt    °C at which the source keeps the bond that is being cut; null if it only heats
     */
    public function __construct(
        public float $seconds,
        public ?Source $source,
        public bool $elsewhere = false,
        public ?float $keptAt = null,
    ) {}

    /**
     * The lanes through this piece.
     *
     * @param float                  $every s, more than zero
     * @param \Closure(float): void|null $looked called after each of them with its seconds; null for no looking
     */
    public function run(Lanes $lanes, float $every, ?\Closure $looked = null): void
    {
        if ($this->elsewhere) {
            $lanes->elsewhere();
        }
        $hold = $this->keptAt === null ? null : new Hold($lanes, $this->keptAt);
        if ($hold === null) {
            $this->source === null ? $lanes->rest() : $lanes->heat($this->source);
        }
        for ($left = $this->seconds; $left > 1e-9; $left -= $h) {
            $h = min($every, $left);
            if ($hold !== null && $this->source !== null) {
                $lanes->keep($this->source, $hold->at());
            }
            $lanes->advance($h);
            $looked === null ? null : $looked($h);
        }
    }
}
