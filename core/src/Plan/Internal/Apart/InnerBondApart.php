<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\FlexWarming;
use Facelift\Heat\Source;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warmth;
use Facelift\Route\Pace;

/**
 * A bond that no blade goes round: pull tab, glued flex, glued battery, silicone, clips.
 *
 * @internal
 */
final readonly class InnerBondApart implements Writer
{
    /**
     * A glued battery is warmed from behind this gently and this long (common practice, no source), °C and s; it
     * needs no hands.
     */
    private const WARM = [60.0, 150.0];
    /** Pry points that a clipped cover is reckoned with at least (common practice, no source). */
    private const FEWEST_CLIPS = 4;

    public function __construct(private Site $site, private Bond $bond) {}

    /** True if it is warmed first, which needs no hands and can begin early. */
    public static function isWarmed(Phone $phone, Bond $bond): bool
    {
        $byOtherMeans = [AdhesiveKind::PullTab, AdhesiveKind::Silicone, AdhesiveKind::Clips];

        return $bond->cut === null
            && $phone->parts[$bond->lifted()]->kind === PartKind::Battery
            && !\in_array($bond->adhesive, $byOtherMeans, true);
    }

    /** @param list<string> $after */
    public function warm(array $after): string
    {
        [$set, $wait] = self::WARM;
        $behind = $this->bond->face === Face::Front ? Face::Back : Face::Front;
        $step = $this->step(StepKind::WarmBattery, ['set' => $set, 'face' => $behind->value])
            ->with(Tool::WarmPad)
            ->taking(15.0, $wait)
            ->minding(Hazard::HotPlate, Hazard::BatteryLimit)
            ->warming(Warmth::Battery)
            ->because(new Reason('glue-under-battery-warm'));

        return $this->site->progress->warmedBy[$this->bond->id] = $this->site->apart($step, $after);
    }

    public function write(array $after): string
    {
        $this->site->progress->opened = $this->site->progress->opened || $this->bond->adhesive === AdhesiveKind::Clips;
        $warmed = $this->site->progress->warmedBy[$this->bond->id] ?? null;
        $after = $warmed === null ? $after : [...$after, $warmed];

        return match (true) {
            $this->bond->adhesive === AdhesiveKind::Clips => $this->clips($after),
            $this->bond->adhesive === AdhesiveKind::PullTab => $this->pullTab($after),
            $this->bond->adhesive === AdhesiveKind::Silicone => $this->silicone($after),
            self::isWarmed($this->site->phone, $this->bond) => $this->battery($after),
            default => $this->flex($after),
        };
    }

    /** @param list<string> $after */
    private function clips(array $after): string
    {
        $count = \count($this->bond->pryPoints);
        $step = $this->step(StepKind::Unclip, ['count' => $count])
            ->with(Tool::Card)
            ->taking(20.0 + Pace::PRY * max(self::FEWEST_CLIPS, $count))
            ->because(new Reason('clips-need-no-heat'));

        return $this->finish($step, $after);
    }

    /** @param list<string> $after */
    private function pullTab(array $after): string
    {
        $step = $this->step(StepKind::PartBond)
            ->with(Tool::PullTab)
            ->taking(45.0)
            ->minding(Hazard::Cell, Hazard::BentCell);

        return $this->finish($step, $after);
    }

    /** @param list<string> $after */
    private function silicone(array $after): string
    {
        return $this->finish($this->step(StepKind::PartBond)->with(Tool::Tweezers)->taking(20.0), $after);
    }

    /**
     * Warmed from behind before this; then alcohol, and from then on no more heat.
     *
     * @param list<string> $after
     */
    private function battery(array $after): string
    {
        $step = $this->step(StepKind::PartBond, ['set' => self::WARM[0]])
            ->with(Tool::PlasticCard)
            ->taking(120.0)
            ->minding(Hazard::Cell, Hazard::BentCell, Hazard::NoFlameIpa)
            ->because(new Reason('alcohol-then-no-heat'))
            ->leaving(Effects::none()->wetting(Place::BatteryWell));

        return $this->finish($step, $after);
    }

    /** @param list<string> $after */
    private function flex(array $after): string
    {
        $air = Source::localAir(FlexWarming::SET);
        $window = $this->site->request->windowOf($this->bond->adhesive, AdhesiveState::Fresh);
        $seconds = (new FlexWarming())->seconds($air, $window, $this->site->request->room);
        $after = (new Drying($this->site, $this->bond->id, $this->bond->face))->everywhere($after) ?? [];
        $step = $this->step(StepKind::PartBond, ['set' => $air->set, 'seconds' => $seconds])
            ->with(Tool::HotAirAndSpudger)
            ->taking(30.0 + $seconds)
            ->minding(Hazard::HotAir, Hazard::NoFlameIpa)
            ->warming(Warmth::Beside);

        return $this->finish($step, $after);
    }

    /** @param array<string, string|float|int> $figures */
    private function step(StepKind $kind, array $figures = []): Step
    {
        return Step::of($kind, $this->bond->face, $this->bond->id)
            ->saying(['name' => $this->bond->name, 'adhesive' => $this->bond->adhesive->value] + $figures);
    }

    /** @param list<string> $after */
    private function finish(Step $step, array $after): string
    {
        return $this->site->apart($step->because(...$this->site->becauseOf($this->bond->id)), $after);
    }
}
