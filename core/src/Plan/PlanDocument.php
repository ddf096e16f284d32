<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Fasteners\MatPlace;
use Facelift\Plan\Internal\Format\BeadFormat;
use Facelift\Plan\Internal\Format\Maps;
use Facelift\Plan\Internal\Format\OpeningFormat;
use Facelift\Plan\Internal\Format\RouteFormat;
use Facelift\Plan\Internal\Format\SealFormat;
use Facelift\Plan\Internal\Format\SourceFormat;
use Facelift\Plan\Internal\Format\StepFormat;
use Facelift\Plan\Internal\Format\StrategyFormat;
use Facelift\Proof\GateTests;
use Facelift\Proof\Need;

/**
 * Writes a plan in the format `facelift-plan`, version 3 (contract/schemas/plan.schema.json). `PlanReader` reads it
 * back.
 */
final readonly class PlanDocument
{
    public const FORMAT = 'facelift-plan';
    public const VERSION = 3;

    public function json(Plan $plan): string
    {
        return json_encode(
            $this->write($plan),
            \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_UNICODE,
        );
    }

    /** @return array<string, mixed> plain data, ready for JSON */
    public function write(Plan $plan): array
    {
        $b = $plan->basis;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'phone' => ['id' => $b->phone->identity->id, 'name' => $b->phone->identity->name()],
            'replacement' => [
                'id' => $b->replacement->id,
                'kind' => $b->replacement->kind->value,
                'name' => $b->replacement->name,
            ],
            'source' => (new SourceFormat())->write($b->source),
            'hold' => $b->approach->held,
            'preheat' => $b->approach->preheat === null ? null : (new SourceFormat())->write($b->approach->preheat),
            'chance' => $b->chance,
            'power' => $plan->power(),
            'room' => $b->room,
            'picks' => $b->picks,
            'oldPanel' => $b->old->value,
            'school' => $b->school->value,
            'works' => $plan->works(),
            'summary' => self::summary($plan),
            'schools' => array_map(self::school(...), $plan->schools),
            'strategies' => (new StrategyFormat())->write($plan->strategies),
            'route' => (new RouteFormat())->write($plan->route),
            'steps' => array_map((new StepFormat())->write(...), array_values($plan->steps)),
            'openings' => array_map((new OpeningFormat())->write(...), array_values($plan->sealing->openings)),
            'seals' => array_map((new SealFormat())->write(...), array_values($plan->sealing->seals)),
            'glass' => $plan->sealing->glass === null ? null : (new BeadFormat())->writeGlass($plan->sealing->glass),
            'gates' => array_map(self::gate(...), array_values($plan->gates)),
            'screws' => array_map(self::screw(...), $plan->mat->places),
            'warnings' => array_map(
                static fn(Warning $w): array => ['severity' => $w->severity->value] + $w->reason->toArray(),
                $plan->remarks->warnings,
            ),
            'customer' => Maps::reasons($plan->remarks->customer),
        ];
    }

    /** @return array<string, int|float> figures for people; nothing is read back from them but the changes */
    private static function summary(Plan $plan): array
    {
        return [
            'steps' => \count($plan->steps),
            'handsOn' => round($plan->handsOn()),
            'waiting' => round($plan->waiting()),
            'elapsed' => round($plan->elapsed()),
            'changes' => $plan->changes,
            'removals' => \count($plan->route->ids()),
            'screws' => \count($plan->mat->places),
            'batteryCycles' => $plan->batteryCycles(),
        ];
    }

    /** @return array<string, mixed> */
    private static function school(SchoolFigures $s): array
    {
        return [
            'school' => $s->school->value,
            'elapsed' => $s->elapsed,
            'handsOn' => $s->hands,
            'changes' => $s->changes,
        ];
    }

    /** @return array<string, mixed> */
    private static function gate(GateTests $g): array
    {
        $test = static fn(PhoneFunction $f): array => ['function' => $f->value, 'needs' => Need::of($f)->value];

        return ['gate' => $g->gate->value, 'functions' => array_map($test, $g->functions)];
    }

    /** @return array<string, mixed> */
    private static function screw(MatPlace $p): array
    {
        return [
            'fastener' => $p->fastener,
            'number' => $p->number,
            'x' => $p->at->x,
            'y' => $p->at->y,
            'driver' => $p->driver->value,
            'length' => $p->length,
            'holeDepth' => $p->hole->depth,
            'under' => $p->hole->under,
        ];
    }
}
