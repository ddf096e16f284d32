<?php

declare(strict_types=1);

namespace App\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\Phone;
use Facelift\Condition\Condition;
use Facelift\Cut\HeatBy;
use Facelift\Cut\OpeningPlanner;
use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Candidate;
use Facelift\Heat\ContactFit;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatAdvisor;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\LayerCurves;
use Facelift\Heat\Limits;
use Facelift\Heat\PanelBudget;
use Facelift\Heat\Programme;
use Facelift\Heat\Reading;
use Facelift\Heat\Refit;
use Facelift\Heat\Region;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Heating tried out on paper: curves with their band, the feasible region, and a source fitted to readings. */
final readonly class HeatDesk
{
    /** After lifting off the curves go on this long, s. */
    private const AFTER = 120.0;
    /** The contact's uncertainty where the shop has not measured it: 100–150 about 125 (from memory). */
    private const BAND = 0.2;

    public function __construct(private WindowsInUse $windows) {}

    /** @return array<string, mixed> */
    public function advise(
        Phone $phone,
        string $bondId,
        Source $source,
        AdhesiveState $state,
        float $seconds,
        float $room,
        OldPanel $old = OldPanel::Save,
        ?string $stack = null,
    ): array {
        $bond = $this->bond($phone, $bondId);
        $window = $this->windows->windows()->of($bond->adhesive, $state);
        $limits = Limits::of($phone->body->frame, $old);
        $curves = Curves::of($phone, $bond, $room);
        $programme = static fn(Source $s): Programme => Programme::empty()->heat($seconds, $s)->rest(self::AFTER);
        $samples = $curves->run($programme($source), 4.0);
        [$min, $max] = $source->kind->coefficients();
        $low = $curves->run(
            $programme($source->withCoefficient(max($min, (1 - self::BAND) * $source->coefficient), $source->origin)),
            4.0,
        );
        $high = $curves->run(
            $programme($source->withCoefficient(min($max, (1 + self::BAND) * $source->coefficient), $source->origin)),
            4.0,
        );
        $region = Region::of(
            $phone,
            $bond,
            $window,
            $limits,
            $room,
        );
        $planned = fn(Source $s): ?HeatingEnd => (new OpeningPlanner())
            ->plan($phone, $bond, Condition::observed([]), new HeatBy(
                $s,
                $old,
                $room,
                $state,
                windows: $this->windows->windows(),
            ))
            ->firstHeating();
        $advice = (new HeatAdvisor($region, $planned))->advise($source, $window, $limits);

        return [
            'source' => [
                'kind' => $source->kind->value,
                'set' => round($source->set, 1),
                'coefficient' => round($source->coefficient, 1),
                'origin' => $source->origin->value,
                'range' => $source->kind->range(),
            ],
            'bond' => ['id' => $bond->id, 'name' => $bond->name, 'adhesive' => $bond->adhesive->value],
            'window' => ['low' => $window->low, 'high' => $window->high],
            'limits' => [
                'batteryStop' => $limits->batteryStop,
                'panel' => $limits->panel,
                'panelPeak' => $limits->panelPeak,
                'panelPeakSeconds' => $limits->panelPeakSeconds,
                'frame' => $limits->plasticFrame,
                'skin' => $limits->skin,
            ],
            'lift' => $seconds,
            'samples' => array_map(
                static fn(Sample $s): array => [
                    't' => $s->second,
                    'bond' => round($s->bond, 1),
                    'panel' => round($s->panel, 1),
                    'battery' => round($s->battery, 1),
                    'outer' => round($s->outerFace, 1),
                ],
                $samples,
            ),
            'band' => array_map(
                static fn(Sample $a, Sample $b): array => [
                    't' => $a->second,
                    'low' => round($a->bond, 1),
                    'high' => round($b->bond, 1),
                ],
                $low,
                $high,
            ),
            'layers' => $stack === null ? [] : $this->layers($phone, $stack, $programme($source), $room),
            'panelUsed' => round(PanelBudget::used($samples), 3),
            'best' => $advice->best === null ? null : self::point($advice->best),
            'because' => array_map(static fn($r): array => $r->toArray(), $advice->because),
            'region' => array_map(
                static fn(Candidate $p): array => [
                    'set' => round($p->set, 1),
                    'seconds' => $p->seconds(),
                    'binding' => $p->binding->value,
                    'margin' => round($p->margin, 1),
                ],
                $advice->points,
            ),
        ];
    }

    /** @return list<array{name: string, role: string, temperatures: list<float>}> */
    private function layers(Phone $phone, string $id, Programme $programme, float $room): array
    {
        $stack = $phone->stacks[$id] ?? throw new NotFoundHttpException('This phone has no stack "' . $id . '".');
        $rows = (new LayerCurves($stack, $room))->run($programme, 4.0);

        return array_map(
            static fn(Layer $l, array $row): array => [
                'name' => $l->name,
                'role' => $l->role->value,
                'temperatures' => array_map(static fn(float $c): float => round($c, 1), $row),
            ],
            $stack,
            $rows,
        );
    }

    /** @param non-empty-list<Reading> $readings */
    public function refit(
        Phone $phone,
        string $bondId,
        Source $source,
        array $readings,
        float $room,
    ): ContactFit {
        return (new Refit(Curves::of($phone, $this->bond($phone, $bondId), $room)))->of($source, $readings);
    }

    /** @return array<string, float|string> */
    private static function point(Candidate $p): array
    {
        return [
            'set' => round($p->set, 1),
            'seconds' => $p->seconds(),
            'bond' => round($p->end->bond, 1),
            'panel' => round($p->end->panel, 1),
            'battery' => round($p->end->battery, 1),
            'window' => $p->window,
            'margin' => round($p->margin, 1),
            'binding' => $p->binding->value,
        ];
    }

    private function bond(Phone $phone, string $id): Bond
    {
        $bond = $phone->bonds[$id] ?? null;
        if ($bond === null || $bond->cut === null) {
            throw new NotFoundHttpException('This phone has no bond "' . $id . '" that is parted with heat.');
        }

        return $bond;
    }
}
