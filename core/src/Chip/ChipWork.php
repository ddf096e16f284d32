<?php

declare(strict_types=1);

namespace Facelift\Chip;

use Facelift\Anatomy\MemoryChip;
use Facelift\Heat\Limits;
use Facelift\Seal\Curing;

/** Moving the old display's chip to the new one: what it takes, how long, and how hot the new panel gets. */
final readonly class ChipWork
{
    /** mm that are milled off at a time; s for each time and for setting up (common practice, no source). */
    private const CUT = 0.05;
    private const PASS = 25.0;
    private const SETTING_UP = 180.0;
    /** s for shielding, flux and the lift itself; for cleaning one chip; for one ball (estimates). */
    private const LIFTING = 240.0;
    private const CLEANING = 180.0;
    private const BALL = 4.0;
    /** s that nothing is moved after hot air: minutes (common practice, no source). */
    private const RESTS = 120;
    /** Balls are so wide as a part of their pitch (common practice, no source). */
    private const BALL_SHARE = 0.6;
    /** mJ/cm² for resin round a chip (engineering estimate, from memory; the maker's sheet goes before it) */
    public const RESIN = 2000.0;
    /** s of hands for setting the old chip back on the old panel (estimate). */
    public const BACK = 600.0;

    /**
     * @param HotWork|null $lift a chip lifted off with hot air, from either panel; null if it does not let go in time
     * @param HotWork|null $set  the old chip on to the new panel, in low-temperature paste
     * @param ChipOff      $way  the gentler for the new panel
     */
    private function __construct(
        public MemoryChip $chip,
        public ?HotWork $lift,
        public ?HotWork $set,
        public ChipOff $way,
        private Limits $limits,
    ) {}

    public static function of(MemoryChip $chip, Limits $limits = new Limits()): self
    {
        $lift = HotWork::best($chip, Solder::LeadFree);
        $set = HotWork::best($chip, Solder::LowTemperature);
        $gentle = $lift !== null && $lift->behind < $limits->panel;

        return new self(
            $chip,
            $lift,
            $set,
            $gentle ? ChipOff::HotAir : ChipOff::Milled,
            $limits,
        );
    }

    /** True if it can be done at all: the old chip comes off, and sets without hurting the new panel. */
    public function works(): bool
    {
        return $this->lift !== null && $this->set !== null && !$this->yellows($this->set);
    }

    /** True if a yellow spot is to be expected on the panel that this is done on. */
    public function yellows(HotWork $work): bool
    {
        return $work->behind > $this->limits->panel;
    }

    /** mm of a solder ball */
    public function ball(): float
    {
        return round(self::BALL_SHARE * $this->chip->pitch, 2);
    }

    /** How often the mill goes over it. */
    public function passes(): int
    {
        return (int) ceil($this->chip->thickness / self::CUT);
    }

    /** s of hands for getting the new panel's own chip off. */
    public function offSeconds(): float
    {
        return $this->way === ChipOff::Milled
            ? self::SETTING_UP + $this->passes() * self::PASS
            : $this->liftSeconds();
    }

    /** s of hands for lifting the old chip. */
    public function liftSeconds(): float
    {
        return self::LIFTING + ($this->lift->seconds ?? 0);
    }

    /** s of hands for cleaning the chip and giving it new balls. */
    public function ballSeconds(): float
    {
        return self::CLEANING + $this->chip->balls * self::BALL;
    }

    /** s of hands for setting it. */
    public function setSeconds(): float
    {
        return self::LIFTING + ($this->set->seconds ?? 0);
    }

    /** s until it may be moved: what is reckoned, and never less than two minutes. */
    public function cooling(): int
    {
        return max(self::RESTS, $this->set->cooling ?? 0);
    }

    /** s of light on the resin. */
    public function curing(Curing $light): float
    {
        return ceil(self::RESIN / $light->irradiance);
    }

    /** s of hands in all. */
    public function hands(): float
    {
        return $this->offSeconds() + $this->liftSeconds() + $this->ballSeconds() + $this->setSeconds();
    }
}
