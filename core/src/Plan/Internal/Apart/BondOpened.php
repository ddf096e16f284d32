<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\Thing;
use Facelift\Anatomy\Tool;
use Facelift\Cut\Alcohol;
use Facelift\Cut\BreakPanel;
use Facelift\Cut\Cooling;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\FirstGap;
use Facelift\Cut\Heating;
use Facelift\Cut\Move;
use Facelift\Cut\Pass;
use Facelift\Document\Reason;
use Facelift\Heat\Approach;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\MoveOf;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warmth;
use Facelift\Route\Pace;

/**
 * A bond that a blade goes round: heat, first gap, passes, reheats, and the lifting at the end.
 *
 * @internal
 */
final readonly class BondOpened implements Writer
{
    private EdgeOpening $opening;
    private string $lifted;

    public function __construct(private Site $site, private Bond $bond)
    {
        $this->opening = $site->sealing->openings[$bond->id];
        $this->lifted = $bond->lifted();
    }

    public function write(array $after): string
    {
        // The steps stand in the phase in which the first of them begins.
        $phase = $this->site->progress->apart($this->site->route->trial !== null);
        $attached = $this->follower() !== $this->lifted;
        foreach ($this->opening->moves as $i => $move) {
            $first = $i === 0 ? $after : null;
            if ($move instanceof Heating) {
                // What alcohol wetted at one bond is dry before another is heated.
                $first = (new Drying($this->site, $this->bond->id, $this->bond->face))->everywhere($first);
            }
            $this->site->steps->add($phase, $this->step($move)->move(new MoveOf($this->bond->id, $i)), $first);
        }

        $this->site->progress->opened = true;

        return $this->site->steps->add($phase, $this->lift($attached));
    }

    /** The moves from one on, each after the step before it. */
    public function writeFrom(int $index, Phase $phase): void
    {
        foreach (\array_slice($this->opening->moves, $index, preserve_keys: true) as $i => $move) {
            $dry = new Drying($this->site, $this->bond->id, $this->bond->face);
            $this->site->steps->add(
                $phase,
                $this->step($move)->move(new MoveOf($this->bond->id, $i)),
                $move instanceof Heating ? $dry->everywhere(null) : null,
            );
        }
    }

    private function step(Move $move): Step
    {
        return match (true) {
            $move instanceof Heating => $this->heating($move),
            $move instanceof Cooling => $this->cooling($move),
            $move instanceof FirstGap => $this->firstGap($move),
            $move instanceof BreakPanel => $this->breakPanel($move),
            $move instanceof Alcohol => $this->alcohol($move),
            $move instanceof Pass => (new PassWords($this->site, $this->bond, $this->opening))
                ->step($move)
                ->leaving($this->pick()),
            default => throw new \LogicException('a move that no step is written for: ' . $move::class),
        };
    }

    private function heating(Heating $move): Step
    {
        $approach = $this->site->request->approach;
        $source = $move->preheat && $approach->preheat !== null ? $approach->preheat : $this->site->request->source;
        $words = new SourceWords($source);
        $window = $this->opening->window;

        return Step::of(
            $move->again ? StepKind::Reheat : StepKind::Heat,
            $words->faceUp($this->bond->face),
            $this->bond->id,
        )
            ->saying(
                $this->estimates($move)
                    + $words->figures() + ['seconds' => (int) $move->seconds, 'face' => $this->bond->face->value],
            )
            ->with($words->tool())
            ->taking(10.0, $move->seconds)
            ->attended($source->covers !== null)
            ->minding($words->hazard(), Hazard::BatteryLimit, Hazard::NoFlameIpa)
            ->noting(...$this->heatNotes($move, $approach))
            ->warming(Warmth::Battery)
            ->because(
                $window->from === null
                    ? new Reason('bond-into-window', ['low' => $window->low, 'high' => $window->high])
                    : new Reason('bond-into-learnt-window', [
                        'low' => round($window->low, 1),
                        'high' => round($window->high, 1),
                        'jobs' => $window->from->jobs,
                    ]),
                ...$this->site->becauseOf($this->bond->id),
            );
    }

    /** @return list<Reason> */
    private function heatNotes(Heating $move, Approach $approach): array
    {
        return match (true) {
            $move->preheat => [new Reason('whole-phone-first')],
            $move->elsewhere => [new Reason('next-stretch'), ...$approach->held ? [new Reason('gun-stays-on')] : []],
            $approach->held => [new Reason('gun-stays-on')],
            default => [],
        };
    }

    private function cooling(Cooling $move): Step
    {
        $step = Step::of(StepKind::Cool, $this->bond->face, $this->bond->id)->saying($this->estimates($move));

        return $move->sourceIsCold
            ? $step->taking(10.0, $move->seconds)->because(new Reason('source-is-cold'))
            : $step
                ->taking(5.0, $move->seconds)
                ->minding(Hazard::BatteryLimit)
                ->because(new Reason('battery-near-limit'));
    }

    private function firstGap(FirstGap $move): Step
    {
        // Crazed glass does not hold a suction cup.
        $crazed = $this->site->request->condition->glassBroken($this->bond->face);
        $step = Step::of(StepKind::FirstGap, $this->bond->face, $this->bond->id)
            ->saying($this->estimates($move) + ['side' => $move->side->value])
            ->with($crazed ? Tool::ThinBlade : Tool::SuctionCupAndBlade)
            ->taking($move->seconds)
            ->minding(Hazard::BrokenGlass, Hazard::HotFace)
            ->because(new Reason('start-edge'))
            ->leaving($this->pick());

        return (new PassWords($this->site, $this->bond, $this->opening))->held($step, $move->keptAt);
    }

    private function breakPanel(BreakPanel $move): Step
    {
        return Step::of(StepKind::BreakPanel, $this->bond->face, $this->bond->id)
            ->saying($this->estimates($move) + ['side' => $move->side->value])
            ->with(Tool::ThinMetal)
            ->taking($move->seconds)
            ->minding(Hazard::BrokenGlass)
            ->because(new Reason('panel-is-given-up'))
            ->leaving($this->pick());
    }

    private function alcohol(Alcohol $move): Step
    {
        return Step::of(StepKind::Alcohol, $this->bond->face, $this->bond->id)
            ->saying($this->estimates($move) + ['side' => $move->side->value])
            ->with(Tool::Dropper)
            ->taking($move->seconds)
            ->minding(Hazard::NoFlameIpa)
            ->because(new Reason('blade-drags'))
            ->leaving(Effects::none()->wetting(Place::ofFace($this->bond->face)));
    }

    private function lift(bool $attached): Step
    {
        $hinge = $this->bond->cut?->hinge;
        $part = $this->site->phone->parts[$this->lifted];
        $because = $attached ? [new Reason('still-on-its-flex')] : $this->site->becauseOf($this->bond->id);
        $effects = Effects::none()->taking(...$this->site->steps->stillOn(Thing::Picks));
        $step = Step::of(StepKind::Lift, $this->bond->face, $this->lifted)
            ->saying(['name' => $part->name])
            ->taking(Pace::LIFT)
            ->minding(Hazard::BrokenGlass, Hazard::HotFace)
            ->because(...$because)
            ->leaving($attached ? $effects->putting(Thing::Prop) : $effects);

        return $hinge === null ? $step : $step->noting(new Reason('hinges-on', ['side' => $hinge->value]));
    }

    /** A pick stays where it was put; when the stock is used up, the first ones move on. */
    private function pick(): Effects
    {
        $inUse = \count($this->site->steps->stillOn(Thing::Picks));

        return $inUse < $this->site->request->picks ? Effects::none()->putting(Thing::Picks) : Effects::none();
    }

    /** The removal that comes right after the bond in the route. */
    private function follower(): ?string
    {
        $ids = $this->site->route->ids();

        return $ids[(int) array_search($this->bond->id, $ids, true) + 1] ?? null;
    }

    /** @return array<string, string|float|int> */
    private function estimates(Move $move): array
    {
        return [
            'name' => $this->bond->name,
            'bond' => round($move->end->bond, 1),
            'battery' => round($move->end->battery, 1),
            'grips' => (int) $move->end->grips,
        ];
    }
}
