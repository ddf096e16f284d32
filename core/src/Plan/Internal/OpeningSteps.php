<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Face;
use Facelift\Cut\Move;
use Facelift\Cut\MoveKind;
use Facelift\Cut\Opening;
use Facelift\Document\Reason;
use Facelift\Heat\SourceKind;
use Facelift\Plan\Effects;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\StepKind as Kind;

/**
 * Writes the steps that part one bond: heat, first gap, passes, reheats, and the lifting at the end.
 *
 * @internal
 */
final readonly class OpeningSteps
{
    public function __construct(private Request $request, private Opening $opening, private StepList $steps) {}

    /**
     * @param bool         $attached true if what is lifted still hangs on its flex
     * @param list<Reason> $because
     * @param list<string> $after
     *
     * @return string id of the step that lifts it
     */
    public function write(Phase $phase, Bond $bond, bool $attached, array $because, array $after): string
    {
        foreach ($this->opening->moves as $i => $move) {
            $this->move($phase, $bond, $move, $i === 0 ? $after : null, $because);
        }
        $lifted = $this->request->phone->parts[$bond->joins[0]];

        return $this->steps->add($phase, Kind::Lift, [$bond->joins[0]], ['name' => $lifted->name, 'hinge' => $bond->cut?->hinge->value ?? '', 'attached' => $attached ? 'yes' : 'no'], $bond->face, null, 20, cautions: ['broken-glass', 'hot-face'], because: $attached ? [new Reason('still-on-its-flex')] : $because, effects: new Effects(puts: $attached ? ['prop'] : [], takes: $this->steps->stillOn('picks')));
    }

    /**
     * @param list<string>|null $after
     * @param list<Reason>      $because
     */
    private function move(Phase $phase, Bond $bond, Move $move, ?array $after, array $because): void
    {
        $figures = ['name' => $bond->name, 'bond' => round($move->bond, 1), 'battery' => round($move->battery, 1), 'grips' => (int) $move->grips];
        match ($move->kind) {
            MoveKind::Heat, MoveKind::Reheat => $this->heat($phase, $bond, $move, $figures, $after, $because),
            MoveKind::Cool => $this->steps->add($phase, Kind::Cool, [$bond->id], $figures, $bond->face, null, 5, $move->seconds, ['battery-limit'], [new Reason('battery-near-limit')], $after),
            MoveKind::FirstGap => $this->steps->add($phase, Kind::FirstGap, [$bond->id], $figures + ['side' => $move->side->value ?? ''], $bond->face, $this->firstTool($bond), $move->seconds, 0, ['broken-glass', 'hot-face'], [new Reason('start-edge')], $after, new Effects(puts: ['picks'])),
            MoveKind::BreakPanel => $this->steps->add($phase, Kind::BreakPanel, [$bond->id], $figures + ['side' => $move->side->value ?? ''], $bond->face, 'thin metal', $move->seconds, 0, ['broken-glass'], [new Reason('panel-is-given-up')], $after, new Effects(puts: ['picks'])),
            MoveKind::Alcohol => $this->steps->add($phase, Kind::Alcohol, [$bond->id], $figures + ['side' => $move->side->value ?? ''], $bond->face, 'dropper', $move->seconds, 0, ['no-flame-ipa'], [new Reason('blade-drags')], $after, new Effects(wets: self::place($bond))),
            MoveKind::Pass => $this->pass($phase, $bond, $move, $figures, $after),
        };
    }

    /**
     * @param array<string, string|float|int> $figures
     * @param list<string>|null               $after
     */
    private function pass(Phase $phase, Bond $bond, Move $move, array $figures, ?array $after): void
    {
        $figures += [
            'stretch' => (string) $move->stretch, 'side' => $move->side->value ?? '', 'where' => $this->where($move), 'from' => $move->from, 'to' => $move->to, 'length' => (int) round($move->length),
            'depth' => $move->depth, 'pace' => $move->pace, 'crazed' => $move->crazed ? 'yes' : 'no', 'flat' => $move->flat ? 'yes' : 'no', 'behind' => (string) $move->behind, 'over' => (string) $move->over,
        ];
        $cautions = $this->request->condition->glassBroken($bond->face) ? ['broken-glass', 'hot-face'] : ['hot-face'];
        $this->steps->add($phase, Kind::CutPass, [$bond->id], $figures, $bond->face, $move->blade?->value, $move->seconds, 0, $cautions, [$this->opening->isCold() ? new Reason('torn-not-warmed') : new Reason('fits-working-window', ['seconds' => (int) $move->grips])], $after, new Effects(puts: ['picks']));
    }

    /**
     * @param array<string, string|float|int> $figures
     * @param list<string>|null               $after
     * @param list<Reason>                    $because
     */
    private function heat(Phase $phase, Bond $bond, Move $move, array $figures, ?array $after, array $because): void
    {
        foreach ($this->steps->wet() as $place) {
            // What alcohol wetted at one bond is dry before another is heated.
            $after = [$this->steps->add($phase, Kind::ConfirmDry, [$bond->id], ['place' => $place], $bond->face, null, 5, 60, ['no-flame-ipa'], [new Reason('dry-before-heat')], $after, new Effects(dries: $place))];
        }
        $source = $this->request->source;
        // On a plate the heated face lies down; air and bag come from above.
        $up = $source->kind === SourceKind::Plate ? ($bond->face === Face::Front ? Face::Back : Face::Front) : $bond->face;
        $burns = $source->kind === SourceKind::Plate ? 'hot-plate' : ($source->kind === SourceKind::GrainBag ? 'hot-face' : 'hot-air');
        $window = $this->opening->window;
        $this->steps->add(
            $phase,
            $move->kind === MoveKind::Heat ? Kind::Heat : Kind::Reheat,
            [$bond->id],
            $figures + ['set' => round($source->set), 'source' => $source->kind->value, 'seconds' => (int) $move->seconds, 'face' => $bond->face->value],
            $up,
            $source->kind === SourceKind::Plate ? 'plate' : ($source->kind === SourceKind::GrainBag ? 'grain bag' : 'hot air'),
            10,
            $move->seconds,
            [$burns, 'battery-limit', 'no-flame-ipa'],
            [new Reason('bond-into-window', ['low' => $window->low, 'high' => $window->high]), ...$because],
            $after,
        );
    }

    private static function place(Bond $bond): string
    {
        return $bond->face === Face::Front ? 'edge' : 'back';
    }

    /** Which part of a side a pass covers, in words that the drawing bears out. */
    private function where(Move $move): string
    {
        $side = $move->side;
        if ($side === null) {
            return '';
        }
        $end = $this->request->phone->body->outline->length($side);
        $names = $side->isHorizontal() ? [', left part', ', right part'] : [', upper part', ', lower part'];

        return $side->value . ' edge' . match (true) {
            $move->from < 1.0 && $move->to > $end - 1.0 => '',
            $move->from + $move->to < $end => $names[0],
            default => $names[1],
        };
    }

    /** Crazed glass does not hold a suction cup. */
    private function firstTool(Bond $bond): string
    {
        return $this->request->condition->glassBroken($bond->face) ? 'thin blade' : 'suction cup and thin blade';
    }
}
