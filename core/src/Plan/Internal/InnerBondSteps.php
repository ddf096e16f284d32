<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Renewal;
use Facelift\Document\Reason;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\FlexWarming;
use Facelift\Heat\Source;
use Facelift\Plan\Effects;
use Facelift\Plan\Pace;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\StepKind as Kind;

/**
 * Writes how bonds are parted and made again that no blade goes round: pull tabs, glued flexes, glued batteries, silicone, clips.
 *
 * @internal
 */
final readonly class InnerBondSteps
{
    /** A glued battery is warmed from behind this gently and this long (common practice, no source), °C and s; it needs no hands. */
    private const WARM = [60.0, 150.0];

    public function __construct(private Request $request, private StepList $steps) {}

    /** True if it is warmed first, which needs no hands and can begin early. */
    public function isWarmed(Bond $bond): bool
    {
        return $this->isBatterys($bond) && !\in_array($bond->adhesive, [AdhesiveKind::PullTab, AdhesiveKind::Silicone, AdhesiveKind::Clips], true);
    }

    /** @param list<string> $after */
    public function warm(Phase $phase, Bond $bond, array $after): string
    {
        [$set, $wait] = self::WARM;
        $behind = $bond->face === Face::Front ? Face::Back : Face::Front;

        return $this->steps->add($phase, Kind::WarmBattery, [$bond->id], ['name' => $bond->name, 'adhesive' => $bond->adhesive->value, 'set' => $set, 'face' => $behind->value], $bond->face, 'warm pad', 15, $wait, ['hot-plate', 'battery-limit'], [new Reason('glue-under-battery-warm')], $after);
    }

    /**
     * @param list<Reason> $because
     * @param list<string> $after
     *
     * @return string id of the step that finishes it
     */
    public function part(Phase $phase, Bond $bond, array $because, array $after): string
    {
        $figures = ['name' => $bond->name, 'adhesive' => $bond->adhesive->value];

        return match (true) {
            $bond->adhesive === AdhesiveKind::Clips => $this->steps->add($phase, Kind::Unclip, [$bond->id], $figures + ['count' => \count($bond->pryPoints)], $bond->face, 'card', 20 + Pace::PRY * max(4, \count($bond->pryPoints)), because: [new Reason('clips-need-no-heat'), ...$because], after: $after),
            $bond->adhesive === AdhesiveKind::PullTab => $this->steps->add($phase, Kind::PartBond, [$bond->id], $figures, $bond->face, 'pull tab', 45, cautions: ['cell', 'bent-cell'], because: $because, after: $after),
            $bond->adhesive === AdhesiveKind::Silicone => $this->steps->add($phase, Kind::PartBond, [$bond->id], $figures, $bond->face, 'tweezers', 20, because: $because, after: $after),
            $this->isWarmed($bond) => $this->battery($phase, $bond, $figures, $because, $after),
            default => $this->flex($phase, $bond, $figures, $because, $after),
        };
    }

    /** @param list<string> $after */
    public function renew(Phase $phase, Bond $bond, array $after): string
    {
        $figures = ['name' => $bond->name, 'how' => $bond->renewal->value, 'adhesive' => $bond->adhesive->value];
        if ($bond->adhesive === AdhesiveKind::Clips) {
            return $this->steps->add($phase, Kind::ClipShut, [$bond->id], $figures, $bond->face, null, 30, cautions: ['no-pinch'], because: [new Reason('clips-heard-all-round')], after: $after);
        }
        return $this->steps->add($phase, Kind::RenewBond, [$bond->id], $figures, $bond->face, null, $bond->renewal === Renewal::Reuse ? 20 : 45, because: [new Reason('bond-' . $bond->renewal->value)], after: $after);
    }

    /**
     * Warmed from behind before this; then alcohol, and from then on no more heat.
     *
     * @param array<string, string|float|int> $figures
     * @param list<Reason>                    $because
     * @param list<string>                    $after
     */
    private function battery(Phase $phase, Bond $bond, array $figures, array $because, array $after): string
    {
        return $this->steps->add($phase, Kind::PartBond, [$bond->id], $figures + ['set' => self::WARM[0]], $bond->face, 'plastic card', 120, cautions: ['cell', 'bent-cell', 'no-flame-ipa'], because: [new Reason('alcohol-then-no-heat'), ...$because], after: $after, effects: new Effects(wets: 'battery-well'));
    }

    /**
     * @param array<string, string|float|int> $figures
     * @param list<Reason>                    $because
     * @param list<string>                    $after
     */
    private function flex(Phase $phase, Bond $bond, array $figures, array $because, array $after): string
    {
        $air = Source::localAir(FlexWarming::SET);
        $seconds = (new FlexWarming())->seconds($air, AdhesiveWindow::of($bond->adhesive, AdhesiveState::Fresh), $this->request->room);
        foreach ($this->steps->wet() as $place) {
            $after = [...$after, $this->steps->add($phase, Kind::ConfirmDry, [$bond->id], ['place' => $place], $bond->face, null, 5, 60, ['no-flame-ipa'], [new Reason('dry-before-heat')], $after, new Effects(dries: $place))];
        }

        return $this->steps->add($phase, Kind::PartBond, [$bond->id], $figures + ['set' => $air->set, 'seconds' => $seconds], $bond->face, 'hot air and spudger', 30 + $seconds, cautions: ['hot-air', 'no-flame-ipa'], because: $because, after: $after);
    }

    private function isBatterys(Bond $bond): bool
    {
        return $this->request->phone->parts[$bond->joins[0]]->kind === PartKind::Battery;
    }
}
