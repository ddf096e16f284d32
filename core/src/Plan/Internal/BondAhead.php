<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\Stretch;
use Facelift\Cut\Passes;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Boundary;
use Facelift\Heat\Lane;
use Facelift\Heat\PaceCurve;
use Facelift\Heat\Source;
use Facelift\Heat\Stack;
use Facelift\Heat\Usual;
use Facelift\Plan\Request;

/**
 * What can be said of a bond before it is planned how it is opened.
 *
 * @internal
 */
final class BondAhead
{
    private const EVERY = 4.0;

    private readonly AdhesiveWindow $window;
    private readonly float $effort;
    private readonly int $passes;
    private readonly float $length;
    /** @var array<string, array{float, float}> by what the face meets: s until it parts, and until its target */
    private array $reached = [];

    public function __construct(
        private readonly Request $request,
        private readonly Bond $bond,
        public readonly bool $isFirst,
    ) {
        $state = $request->condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh;
        $this->window = $request->windowOf($bond->adhesive, $state);
        $passes = $bond->cut === null
            ? null
            : new Passes(
                $request->phone,
                $bond,
                $bond->cut,
                $request->condition,
                $request->oldPanel(),
            );
        $stretches = $passes?->stretches() ?? [];
        $this->passes = \count($stretches);
        $this->length = array_sum(array_map(static fn(Stretch $s): float => $s->length(), $stretches));
        $this->effort = $passes === null ? 0.0 : array_sum(array_map($passes->effort(...), $stretches));
    }

    /** mm of edge */
    public function length(): float
    {
        return $this->length;
    }

    /** s that it takes at least to cut it all round: at the fastest pace, a pick each */
    public function leastCut(): float
    {
        $pace = PaceCurve::of($this->bond->adhesive, $this->window);

        return Passes::FIRST_GAP + $this->effort / $pace->fast + $this->passes * Passes::PICK;
    }

    /** @return float s on a cold phone until it parts at all; without end if it does not within the longest heating */
    public function partsIn(Source $source): float
    {
        return $this->reached($source)[0];
    }

    /** @return float s on a cold phone until it is as warm as it is meant to be; the longest heating if it never is */
    public function warmIn(Source $source): float
    {
        return min(Usual::LONGEST_HEATING, $this->reached($source)[1]);
    }

    /** Share of the time that a source has to be on a bond to keep it as warm as it is meant to be, 0 to 1. */
    public function dutyOf(Source $source): float
    {
        $target = $this->window->target();
        $meets = $source->boundary($this->request->room);
        $gain = $meets->coefficient * ($meets->medium - $target);

        // Both faces lose to still air.
        return $gain <= 0.0
            ? 1.0
            : min(1.0, 2 * Boundary::STILL_AIR * ($target - $this->request->room) / $gain);
    }

    /** @return array{float, float} */
    private function reached(Source $source): array
    {
        $meets = $source->boundary($this->request->room);

        return $this->reached[$source->set . '/' . $meets->coefficient . '/' . $meets->medium]
            ??= $this->heatedBy($source);
    }

    /** @return array{float, float} */
    private function heatedBy(Source $source): array
    {
        $stack = Stack::edgeOf($this->request->phone, $this->bond);
        $at = $stack->layer(LayerRole::Bond);
        if ($at === null) {
            return [0.0, 0.0];
        }
        $lane = new Lane($stack->layers, $this->request->room);
        $lane->heat($source);
        $parts = \INF;
        for ($s = self::EVERY; $s <= Usual::LONGEST_HEATING; $s += self::EVERY) {
            $lane->advance(self::EVERY);
            $bond = $lane->meanOf($at);
            if ($parts === \INF && $bond >= $this->window->low) {
                // It may have parted a moment before.
                $parts = $s - self::EVERY;
            }
            if ($bond >= $this->window->target()) {
                return [$parts, $s];
            }
        }

        return [$parts, \INF];
    }
}
