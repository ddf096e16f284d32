<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Place;
use Facelift\Plan\Warmth;

/** May anything warm come near as things are wet now? */
final readonly class Warming
{
    public function __construct(private Moisture $moisture) {}

    public function allows(Warmth $warmth): ?Refusal
    {
        return match ($warmth) {
            Warmth::None => null,
            Warmth::Beside => $this->beside(),
            Warmth::Battery => $this->ofBattery(),
        };
    }

    /** Not to a soaked battery, ever; not where it is wet until it is confirmed dry. */
    public function ofBattery(): ?Refusal
    {
        return $this->moisture->soaked ? Refusal::later('soaked') : $this->beside();
    }

    /** Hot air on one flex and a panel on its separator plate leave the battery cold: only what is wet forbids them. */
    private function beside(): ?Refusal
    {
        $wet = array_map(static fn(Place $p): string => $p->value, $this->moisture->places);

        return $wet === [] ? null : Refusal::later('wet', ['places' => implode(', ', $wet)]);
    }
}
