<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Cut\GlassMove;
use Facelift\Cut\GlassParting;
use Facelift\Cut\GlassPlanner;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\StepKind as Kind;

/**
 * Writes the steps that take the old glass off the phone's own panel and put the new one on. Times: common practice, no source.
 *
 * @internal
 */
final readonly class GlassSteps
{
    /** @var list<string> */
    private array $panel;

    public function __construct(private Request $request, private GlassParting $glass, private StepList $steps)
    {
        $this->panel = $request->replacement->replaces;
    }

    /** @return string id of the last step */
    public function write(): string
    {
        $this->steps->add(Phase::MoveOver, Kind::WarmGlass, $this->panel, ['set' => $this->glass->set, 'bond' => round($this->glass->laminate, 1), 'low' => GlassPlanner::LOW, 'high' => GlassPlanner::HIGH], hands: 20, wait: $this->glass->warm, tool: 'separator plate', cautions: ['hot-plate', 'no-flame-ipa'], because: [new Reason('laminate-parts-warm')]);
        $section = 0;
        foreach ($this->glass->moves as $move) {
            $move->curve === null ? $this->section($move, ++$section) : $this->curve($move, $move->curve->value);
        }
        $this->steps->add(Phase::MoveOver, Kind::CleanPanel, $this->panel, hands: 600, tool: 'remover and wipes', cautions: ['no-flame-ipa'], because: [new Reason('residue-shows')], effects: new Effects(wets: 'edge'));
        $this->steps->add(Phase::MoveOver, Kind::ConfirmDry, $this->panel, ['place' => 'edge'], hands: 5, wait: 60, cautions: ['no-flame-ipa'], because: [new Reason('adhesive-needs-dry')], effects: new Effects(dries: 'edge'));
        $this->steps->add(Phase::MoveOver, Kind::Laminate, $this->panel, ['name' => $this->request->replacement->name], hands: 480, tool: 'level bench', because: [new Reason('air-shows')]);

        return $this->steps->add(Phase::MoveOver, Kind::CureUv, $this->panel, hands: 20, wait: 300, tool: 'UV lamp', cautions: ['uv'], because: [new Reason('cured-before-handled')]);
    }

    private function curve(GlassMove $move, string $side): void
    {
        $this->steps->add(Phase::MoveOver, Kind::FreeCurve, $this->panel, $this->figures($move) + ['side' => $side], hands: $move->seconds, tool: $move->blade->value, cautions: ['broken-glass', 'hot-plate'], because: [new Reason('curve-before-wire')]);
    }

    private function section(GlassMove $move, int $number): void
    {
        $because = [new Reason($number === 1 ? 'away-from-the-flexes' : 'one-section-after-the-other'), new Reason('panel-bears', ['percent' => (int) round(100 * $this->glass->panelUsed)])];
        $this->steps->add(Phase::MoveOver, Kind::PartGlass, $this->panel, $this->figures($move) + ['section' => $number, 'sections' => GlassPlanner::SECTIONS], hands: $move->seconds, tool: $move->blade->value, cautions: ['broken-glass', 'hot-plate', 'no-flame-ipa'], because: $because);
    }

    /** @return array<string, string|float|int> */
    private function figures(GlassMove $move): array
    {
        return ['from' => round($move->from), 'to' => round($move->to), 'depth' => round($move->depth, 1), 'crazed' => $move->crazed ? 'yes' : 'no'];
    }
}
