<?php

declare(strict_types=1);

namespace Facelift\Cut\Internal;

use Facelift\Anatomy\Bond;
use Facelift\Cut\Alcohol;
use Facelift\Cut\AtEnd;
use Facelift\Cut\BreakPanel;
use Facelift\Cut\Cooling;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\FirstGap;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Cut\Pass;
use Facelift\Cut\Passes;
use Facelift\Cut\Way;
use Facelift\Geometry\Side;
use Facelift\Heat\Binding;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\Session;
use Facelift\Heat\Source;

/**
 * The moves of an opening as they are written down, each with how warm things are at its end.
 *
 * @internal
 */
final class Opened
{
    /** The battery cools to this before a further heating that would stop at once, °C (common practice, no source). */
    private const REST_BATTERY = 45.0;
    /** And to this where one that is warm leaves no room for the heat, °C (common practice, no source). */
    public const COOL = 35.0;
    /** Shorter waits for a source are none, s. */
    private const AT_ONCE = 5.0;

    /** @var list<Move> */
    private array $moves = [];
    /** True if the next pass begins a stretch that the source has gone ahead to. */
    private bool $next = false;
    /** @var list<float>|null the chance in each case of what is uncertain; null before the first pass */
    private ?array $cases = null;

    /** @param bool $holds true if the source goes on while it is cut: then nothing grips meanwhile */
    public function __construct(
        private readonly Bond $bond,
        private readonly Session $session,
        private readonly bool $holds = false,
    ) {}

    /** A bond that is only heated. */
    public function heatedOnly(): EdgeOpening
    {
        return $this->result($this->heated(false)->binding);
    }

    /** The whole phone on another source first. */
    public function preheated(Source $source): HeatingEnd
    {
        $this->restedBefore();
        $heating = $this->session->heat($source);
        $this->moves[] = Heating::preheat($heating->seconds, $this->end());

        return $heating;
    }

    /**
     * On the source; after a rest if the battery is too warm from before to heat the bond long enough.
     *
     * @param bool $again true for one more heating of this bond
     */
    public function heated(bool $again): HeatingEnd
    {
        $again ? $this->restedIfFull() : $this->restedBefore();
        $this->untilHot();
        $heating = $this->session->heat();
        $at = $this->end();
        $this->moves[] = $again ? Heating::again($heating->seconds, $at) : Heating::first($heating->seconds, $at);

        return $heating;
    }

    /** The source goes on to the next stretch of the edge. */
    public function elsewhere(): HeatingEnd
    {
        $this->session->elsewhere();
        $this->restedIfFull();
        $heating = $this->session->heat();
        $this->moves[] = Heating::elsewhere($heating->seconds, $this->end());

        return $heating;
    }

    /** The source is on the next stretch already, and it is warm. */
    public function on(): void
    {
        $this->session->elsewhere();
        $this->next = true;
    }

    public function gap(float $seconds, Side $side, bool $held): void
    {
        $keptAt = $held ? $this->session->keptAt() : null;
        $held ? $this->session->hold(0.0, $seconds) : $this->session->cut($seconds);
        $this->moves[] = new FirstGap($seconds, $this->end(), $side, $keptAt);
    }

    public function alcohol(float $seconds, Side $side): void
    {
        $this->session->cut($seconds);
        $this->moves[] = new Alcohol($seconds, $this->end(), $side);
    }

    /** @param list<float> $cases the chance in each case of what is uncertain */
    public function cut(Way $way, float $seconds, array $cases): void
    {
        $this->session->cut($seconds);
        $this->moves[] = new Pass($way, $seconds, $this->end(), self::chance($cases));
        $this->count($cases);
    }

    /**
     * A pass whose time has gone by while the source was on.
     *
     * @param list<float> $cases as above
     */
    public function held(Way $way, float $seconds, array $cases): void
    {
        $this->session->hold(0.0, Passes::PICK, true);
        $this->moves[] = new Pass(
            $way,
            $seconds + Passes::PICK,
            $this->end(),
            self::chance($cases),
            $this->session->keptAt(),
            $this->next,
        );
        $this->next = false;
        $this->count($cases);
    }

    public function tears(float $seconds, Side $side): void
    {
        $this->session->cut($seconds);
        $this->moves[] = new BreakPanel($seconds, $this->end(), $side);
    }

    public function torn(Way $way, float $effort): void
    {
        $seconds = $effort / $this->session->pace->torn() + Passes::PICK;
        $this->session->cut($seconds);
        $this->moves[] = new Pass($way, $seconds, $this->end());
    }

    public function result(?Binding $blocked): EdgeOpening
    {
        return new EdgeOpening(
            $this->bond->id,
            $this->session->window,
            $blocked === null ? $this->moves : [],
            $blocked,
            $this->session->samples(),
            $this->session->phases(),
            $this->session->limits,
            $this->session->leaves(),
            $this->session->worst(),
            $blocked === null && $this->cases !== null ? self::chance($this->cases) : null,
        );
    }

    /**
     * Lies until the battery has cooled, if it is too warm for one more heating.
     *
     * @param float $battery °C
     *
     * @return bool false if it was no warmer
     */
    public function rested(float $battery = self::REST_BATTERY): bool
    {
        if ($this->session->now()->battery <= $battery) {
            return false;
        }
        $this->session->off();
        $this->moves[] = new Cooling($this->session->rest($battery), $this->end(0.0));

        return true;
    }

    /** Warm from another bond, the battery would leave no room to heat this one. */
    private function restedBefore(): void
    {
        if ($this->session->now()->battery > self::REST_BATTERY) {
            $this->rested(self::COOL);
        }
    }

    /** The battery would end one more heating before the bond is warm. */
    private function restedIfFull(): void
    {
        // Only a battery that is warm already can be in the way.
        if ($this->session->now()->battery > self::REST_BATTERY && !$this->session->hasRoom()) {
            $this->rested(self::COOL);
        }
    }

    /** A bag goes back into the microwave. */
    private function untilHot(): void
    {
        $seconds = $this->session->hotAgainIn();
        if ($seconds > self::AT_ONCE) {
            $this->session->wait($seconds);
            $this->moves[] = new Cooling($seconds, $this->end(0.0), true);
        }
    }

    /**
     * All passes of an opening have the same adhesive and the same source: what one is off, all are.
     *
     * @param list<float> $cases
     */
    private function count(array $cases): void
    {
        $this->cases = $this->cases === null ? $cases : array_map(
            static fn(float $a, float $b): float => min($a, $b),
            $this->cases,
            $cases,
        );
    }

    /** @param list<float> $cases */
    private static function chance(array $cases): float
    {
        return min(1.0, array_sum($cases));
    }

    private function end(?float $grips = null): AtEnd
    {
        $now = $this->session->now();

        $window = $grips ?? ($this->holds ? 0.0 : $this->session->workingWindow());

        return new AtEnd($now->bond, $now->battery, $window);
    }
}
