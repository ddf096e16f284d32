<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Thing;
use Facelift\Cut\EdgeOpening;
use Facelift\Cut\Pass;
use Facelift\Cut\Way;
use Facelift\Document\Reason;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Plan\Warmth;

/**
 * How a pass of the blade is said.
 *
 * @internal
 */
final readonly class PassWords
{
    public function __construct(private Site $site, private Bond $bond, private EdgeOpening $opening) {}

    public function step(Pass $pass): Step
    {
        $broken = $this->site->request->condition->glassBroken($this->bond->face);
        $why = match (true) {
            $this->opening->isCold() => new Reason('torn-not-warmed'),
            $pass->keptAt !== null => new Reason('kept-warm', ['at' => (int) round($pass->keptAt)]),
            default => new Reason('fits-working-window', ['seconds' => (int) $pass->end->grips]),
        };
        $chance = $pass->chance === null
            ? []
            : [new Reason('in-time', ['percent' => (int) floor(100 * $pass->chance + 1e-6)])];
        $step = Step::of(StepKind::CutPass, $this->bond->face, $this->bond->id)
            ->saying([
                'name' => $this->bond->name,
                'where' => $this->where($pass->way),
                'length' => (int) round($pass->way->length),
                'pace' => round($pass->way->pace, 1),
            ])
            ->noting(...($pass->next ? [new Reason('gone-ahead')] : []), ...$this->notes($pass->way))
            ->with($pass->way->blade->tool())
            ->taking($pass->seconds)
            ->minding(...($broken ? [Hazard::BrokenGlass, Hazard::HotFace] : [Hazard::HotFace]))
            ->because($why, ...$chance);

        return $this->held($step, $pass->keptAt);
    }

    /**
     * The same while the source goes on beside the blade.
     *
     * @param float|null $keptAt °C of the bond; null if it is taken away
     */
    public function held(Step $step, ?float $keptAt): Step
    {
        return $keptAt === null ? $step : $step
            ->minding((new SourceWords($this->site->request->source))->hazard(), Hazard::NoFlameIpa)
            ->noting(new Reason('hold-the-gun', ['at' => (int) round($keptAt)]))
            ->warming(Warmth::Battery);
    }

    /** @return list<Reason> */
    private function notes(Way $way): array
    {
        return [
            ...$way->stretch->over === null ? [] : [new Reason('over-not-under', ['over' => $way->stretch->over])],
            ...$way->stretch->behind === null
                ? []
                : [new Reason('behind-the-edge', ['behind' => $way->stretch->behind])],
            ...$way->flat ? [new Reason('deep-and-flat')] : [],
            ...$way->crazed ? [new Reason('crazed-here')] : [],
            ...\count($this->site->steps->stillOn(Thing::Picks)) < $this->site->request->picks
                ? []
                : [new Reason('picks-move-on', ['count' => $this->site->request->picks])],
        ];
    }

    /** Which part of a side it covers, in words that the drawing bears out. */
    private function where(Way $way): string
    {
        $side = $way->stretch->side;
        $end = $this->site->phone->body->outline->length($side);
        $names = $side->isHorizontal() ? [', left part', ', right part'] : [', upper part', ', lower part'];

        return $side->value . ' edge' . match (true) {
            $way->stretch->from < 1.0 && $way->stretch->to > $end - 1.0 => '',
            $way->stretch->from + $way->stretch->to < $end => $names[0],
            default => $names[1],
        };
    }
}
