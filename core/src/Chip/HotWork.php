<?php

declare(strict_types=1);

namespace Facelift\Chip;

use Facelift\Anatomy\MemoryChip;
use Facelift\Heat\Usual;

/** Hot air on a chip until its solder is liquid, and what the panel gets of it. Estimates, with their band. */
final readonly class HotWork
{
    /** Air is held no longer on one spot, s (common practice, no source). */
    public const LONGEST = 120;
    /** By how much the film of a nozzle may be off: what the band is reckoned with (engineering estimate). */
    private const LEAST = 0.65;
    private const MOST = 1.5;
    private const STEP = 1.0;
    /** °C at which solder is hard and the panel may be touched. */
    private const COOL = 60.0;

    /**
     * @param Jet   $jet      with which it is done
     * @param bool  $shielded true if paper and metal lie over the neighbours and behind
     * @param int   $seconds  until the solder is as hot as it has to be
     * @param float $behind   °C at most behind the chip, after the air is off too
     * @param float $beside   °C at most at the nearest lit part beside it
     * @param int   $cooling  s after that until all is cool
     */
    private function __construct(
        public Jet $jet,
        public bool $shielded,
        public int $seconds,
        public float $behind,
        public float $beside,
        public int $cooling,
    ) {}

    /** The way that leaves the panel coolest; null if no air that may be used makes the solder liquid in time. */
    public static function best(MemoryChip $chip, Solder $solder, float $room = Usual::ROOM): ?self
    {
        $best = null;
        foreach ([true, false] as $shielded) {
            foreach ([Jet::SETS, Jet::LIFTS] as $set) {
                $work = self::with(
                    $chip,
                    $solder,
                    new Jet($set),
                    $shielded,
                    $room,
                );
                if ($work !== null && ($best === null || $work->behind < $best->behind)) {
                    $best = $work;
                }
            }
        }

        return $best;
    }

    /** With one air; null if it does not make the solder liquid in time. */
    public static function with(
        MemoryChip $chip,
        Solder $solder,
        Jet $jet,
        bool $shielded,
        float $room = Usual::ROOM,
    ): ?self {
        $spot = Spot::of($chip, $shielded);
        $heat = new LocalHeat($spot, $room, 0.5);
        $second = 0;
        while ($heat->solder() < $solder->worked()) {
            $before = $heat->solder();
            $heat->run($jet, 1.0, self::STEP);
            ++$second;
            // Solder under one air warms ever more slowly: what it lacks by now it will not make up.
            $lacks = $solder->worked() - $heat->solder();
            if ($lacks > ($heat->solder() - $before) * (self::LONGEST - $second)) {
                return null;
            }
        }
        [$behind, $beside, $cooling] = [$heat->behind(), $heat->panelAt($spot->beside), 0];
        while (max($heat->solder(), $heat->behind()) > self::COOL && $cooling < 1800) {
            $wait = $cooling < 60 ? 2 : 20;
            $heat->run(null, $wait, $wait / 2);
            $cooling += $wait;
            $behind = max($behind, $heat->behind());
            $beside = max($beside, $heat->panelAt($spot->beside));
        }

        return new self(
            $jet,
            $shielded,
            $second,
            $behind,
            $beside,
            $cooling,
        );
    }

    /**
     * The same with a weaker and a stronger nozzle.
     *
     * @return array{self|null, self|null} the first null if the weaker one does not do it
     */
    public function band(MemoryChip $chip, Solder $solder): array
    {
        $with = fn(float $by): ?self => self::with(
            $chip,
            $solder,
            new Jet($this->jet->set, $this->jet->radius, $by * $this->jet->film),
            $this->shielded,
        );

        return [$with(self::LEAST), $with(self::MOST)];
    }
}
