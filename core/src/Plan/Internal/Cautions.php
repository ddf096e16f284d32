<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Condition\Observation;
use Facelift\Cut\EdgeOpening;
use Facelift\Document\Reason;
use Facelift\Fit\OldPanel;
use Facelift\Heat\HeatAdvisor;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\Region;
use Facelift\Heat\Source;
use Facelift\Plan\Request;
use Facelift\Plan\Sealing;
use Facelift\Plan\Warning;
use Facelift\Route\Route;

/**
 * What keeps a plan from working, and what has to be known before starting.
 *
 * @internal
 */
final readonly class Cautions
{
    /**
     * From here on somebody should ask whether the panel is worth it (common practice: six heatings were needed on
     * one glued screen).
     */
    private const MANY_HEATINGS = 8;

    public function __construct(private Request $request, private Route $route, private Sealing $sealing) {}

    /** @return list<Warning> */
    public function all(): array
    {
        return [
            ...$this->cell(),
            ...$this->heat(),
            ...$this->heatings(),
            ...$this->trial(),
            ...$this->data(),
            ...$this->condition(),
        ];
    }

    /** @return list<Warning> a panel that is given up may take its data along, if its plug lies behind it */
    private function data(): array
    {
        $plug = DataSteps::reachedBy($this->request, $this->route);
        if ($plug === null || $this->request->oldPanel() === OldPanel::Save) {
            return [];
        }
        foreach ($this->route->ids() as $id) {
            if ($id === $plug->id) {
                return [];
            }
            $bond = isset($this->sealing->openings[$id]) ? $this->request->phone->bonds[$id] : null;
            if ($bond !== null && $this->request->basis()->replaces($bond->lifted())) {
                return [Warning::care(new Reason('data-behind-the-panel', ['plug' => $plug->name]))];
            }
        }

        return [];
    }

    /** @return list<Warning> */
    private function cell(): array
    {
        return $this->request->condition->shows(Observation::CellSwollen)
            ? [Warning::stop(new Reason('stop-cell-swollen'))]
            : [];
    }

    /** @return list<Warning> */
    private function heat(): array
    {
        $warnings = [];
        foreach ($this->sealing->openings as $bond => $opening) {
            if ($opening->blocked === null) {
                continue;
            }
            $end = $opening->samples[\count($opening->samples) - 1];
            $warnings[] = Warning::stop(new Reason('stop-source-cannot-reach-' . $opening->blocked->value, [
                'bond' => $this->request->phone->nameOf($bond),
                'set' => $this->request->source->set,
                'reached' => round($end->bond, 1),
                'needed' => $opening->window->low,
                'battery' => round($end->battery, 1),
                'minutes' => round($end->second / 60, 1),
            ]));
            array_push($warnings, ...$this->wouldWork($bond, $opening));
        }

        return $warnings;
    }

    /** @return list<Warning> a setting of this source that would, or another source; or that none is safe */
    private function wouldWork(string $bondId, EdgeOpening $opening): array
    {
        $bond = $this->request->phone->bonds[$bondId];
        $region = Region::of(
            $this->request->phone,
            $bond,
            $opening->window,
            $opening->limits,
            $this->request->room,
        );
        $planned = fn(Source $s): ?HeatingEnd => $this->planned($bondId, $s);
        $advisor = new HeatAdvisor($region, $planned);
        $advice = $advisor->advise($this->request->source, $opening->window, $opening->limits);
        if ($advice->best !== null) {
            $figures = [
                'bond' => $bond->name,
                'set' => round($advice->best->set),
                'seconds' => (int) $advice->best->seconds(),
            ];

            return [Warning::care(new Reason('heat-would-work', $figures))];
        }
        $else = array_filter(
            $advice->because,
            static fn(Reason $r): bool => \in_array($r->code, ['heat-none-is-safe', 'heat-other-works'], true),
        );

        return array_values(array_map(Warning::care(...), $else));
    }

    /**
     * How the first heating of a bond ends if every bond of the job can be opened with a source; null if one cannot.
     */
    private function planned(string $bond, Source $source): ?HeatingEnd
    {
        $blocks = static fn(EdgeOpening $o): bool => !$o->works();
        $openings = (new Openings($this->request, $this->route))->by(
            $source,
            $this->request->approach,
            enough: static fn(array $opened): bool => array_filter($opened, $blocks) !== [],
        );
        $blocked = array_filter($openings, static fn(EdgeOpening $o): bool => !$o->works());

        return $blocked === [] && isset($openings[$bond]) ? $openings[$bond]->firstHeating() : null;
    }

    /** @return list<Warning> */
    private function heatings(): array
    {
        $warnings = [];
        foreach ($this->sealing->openings as $bond => $opening) {
            if ($opening->heatings() > self::MANY_HEATINGS) {
                $figures = ['bond' => $this->request->phone->nameOf($bond), 'count' => $opening->heatings()];
                $warnings[] = Warning::care(new Reason('many-heatings', $figures));
            }
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private function trial(): array
    {
        if ($this->route->trial !== null || $this->request->basis()->isGlassOnly()) {
            return [];
        }
        $figures = [
            'flex' => $this->request->replacement->flexLength,
            'needed' => $this->request->phone->panel->flexNeeded,
        ];

        return [Warning::care(new Reason('no-trial-flex-too-short', $figures))];
    }

    /** @return list<Warning> */
    private function condition(): array
    {
        $condition = $this->request->condition;

        return [
            ...$condition->bondIsForeign() ? [Warning::care(new Reason('unknown-adhesive'))] : [],
            ...$condition->canSwitchOff ? [] : [Warning::care(new Reason('cannot-switch-off'))],
            ...$this->request->provesFirst() && $this->route->trial === null
                ? [Warning::care(new Reason('prove-at-dry-gate'))]
                : [],
        ];
    }
}
