<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Cut\Opening;
use Facelift\Document\Reason;
use Facelift\Fasteners\Place;
use Facelift\Heat\HeatPhase;
use Facelift\Heat\Sample;
use Facelift\Proof\GateTests;
use Facelift\Proof\Need;
use Facelift\Seal\SealPlan;
use Facelift\Seal\Strip;

/** Writes a plan in the format `facelift-plan`, version 1 (contract/schemas/plan.schema.json). */
final readonly class PlanDocument
{
    /** Members that are maps, also when they are empty. */
    private const MAPS = ['figures', 'screwsOut', 'screwsIn', 'metres'];
    public const FORMAT = 'facelift-plan';
    /** Every how many samples one is written: the strip needs a point every four seconds, not every two. */
    private const THIN = 2;

    /** @return array<string, mixed> plain data, ready for JSON */
    public function write(Plan $plan): array
    {
        $r = $plan->request;

        return [
            'format' => self::FORMAT,
            'version' => 1,
            'phone' => ['id' => $r->phone->identity->id, 'name' => $r->phone->identity->name()],
            'replacement' => ['id' => $r->replacement->id, 'kind' => $r->replacement->kind->value, 'name' => $r->replacement->name],
            'source' => ['kind' => $r->source->kind->value, 'set' => round($r->source->set, 1), 'contact' => round($r->source->coefficient, 1), 'origin' => $r->source->origin->value, 'room' => $r->room],
            'oldPanel' => $r->oldPanel()->value,
            'works' => $plan->works(),
            'summary' => $this->summary($plan),
            'school' => $r->school->value,
            'schools' => array_map(static fn(SchoolFigures $s): array => ['school' => $s->school->value, 'elapsed' => round($s->elapsed), 'handsOn' => round($s->hands), 'changes' => $s->changes], $plan->schools),
            'route' => [
                'moved' => $plan->route->moved,
                'discarded' => $plan->route->discarded,
                'removals' => $plan->route->ids(),
                'trial' => $plan->route->trial === null ? null : ['connect' => $plan->route->trial->connect, 'live' => $plan->route->trial->live],
            ],
            'steps' => array_map($this->step(...), $plan->steps),
            'openings' => array_values(array_map($this->opening(...), $plan->openings)),
            'seals' => array_values(array_map($this->seal(...), $plan->seals)),
            'gates' => array_map($this->gate(...), $plan->gates),
            'screws' => array_map(static fn(Place $p): array => ['fastener' => $p->fastener, 'number' => $p->number, 'x' => $p->at->x, 'y' => $p->at->y, 'driver' => $p->driver->value, 'length' => $p->length, 'holeDepth' => $p->holeDepth, 'under' => $p->under], $plan->mat->places),
            'warnings' => self::reasons($plan->warnings),
            'customer' => self::reasons($plan->customer),
        ];
    }

    /**
     * The text of a document that was read back as plain arrays: an empty map must not become a JSON list.
     *
     * @param array<string, mixed> $document
     */
    public function json(array $document): string
    {
        return json_encode(self::maps($document), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param array<mixed> $node
     *
     * @return array<mixed>
     */
    private static function maps(array $node): array
    {
        foreach ($node as $key => $value) {
            if (\is_array($value)) {
                $node[$key] = $value === [] && \in_array($key, self::MAPS, true) ? new \stdClass() : self::maps($value);
            }
        }

        return $node;
    }

    /** @return array<string, int|float|bool> */
    private function summary(Plan $plan): array
    {
        return [
            'steps' => \count($plan->steps),
            'handsOn' => round($plan->handsOn()),
            'waiting' => round($plan->waiting()),
            'changes' => $plan->changes,
            'removals' => \count($plan->route->ids()),
            'removalChanges' => $plan->route->removals->changes,
            'optimal' => $plan->route->removals->optimal,
            'states' => $plan->route->removals->explored,
            'screws' => \count($plan->mat->places),
            'elapsed' => round($plan->elapsed()),
            'batteryCycles' => $plan->batteryCycles(),
        ];
    }

    /** @return array<string, mixed> one step as the document has it */
    public function step(Step $s): array
    {
        $e = $s->effects;

        return [
            'id' => $s->id, 'phase' => $s->phase->value, 'kind' => $s->kind->value, 'subjects' => $s->subjects,
            'figures' => self::map($s->figures), 'face' => $s->face->value, 'tool' => $s->tool,
            'hands' => round($s->hands), 'wait' => round($s->wait), 'cautions' => $s->cautions,
            'because' => self::reasons($s->because), 'after' => $s->after,
            'gate' => $s->gate?->value,
            'effects' => [
                'screwsOut' => self::map($e->screwsOut), 'screwsIn' => self::map($e->screwsIn), 'off' => $e->off, 'on' => $e->on,
                'out' => $e->out, 'in' => $e->in, 'puts' => $e->puts, 'takes' => $e->takes, 'wets' => $e->wets, 'dries' => $e->dries,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function opening(Opening $o): array
    {
        $limits = $o->limits;
        $last = \count($o->samples) - 1;
        $kept = array_values(array_filter($o->samples, static fn(int $i): bool => $i % self::THIN === 0 || $i === $last, \ARRAY_FILTER_USE_KEY));

        return [
            'bond' => $o->bond,
            'estimate' => true,
            'blocked' => $o->blocked?->value,
            'window' => ['low' => $o->window->low, 'high' => $o->window->high],
            'limits' => ['batteryStop' => $limits->batteryStop, 'panel' => $limits->panel, 'frame' => $limits->plasticFrame, 'skin' => $limits->skin],
            'phases' => array_map(static fn(HeatPhase $p): array => ['kind' => $p->kind, 'from' => $p->from, 'to' => $p->to], $o->phases),
            'samples' => array_map(static fn(Sample $s): array => ['t' => $s->second, 'bond' => round($s->bond, 1), 'panel' => round($s->panel, 1), 'battery' => round($s->battery, 1), 'outer' => round($s->outerFace, 1)], $kept),
        ];
    }

    /** @return array<string, mixed> */
    private function seal(SealPlan $s): array
    {
        return [
            'bond' => $s->bond,
            'renewal' => $s->renewal->value,
            'strips' => array_map(static fn(Strip $t): array => ['side' => $t->side->value, 'stock' => $t->width, 'x' => round($t->box->x, 2), 'y' => round($t->box->y, 2), 'width' => round($t->box->width, 2), 'height' => round($t->box->height, 2), 'length' => round($t->length(), 1)], $s->strips),
            'metres' => self::map(array_map(static fn(float $m): float => round($m, 3), $s->metres)),
            'freed' => $s->freed,
            'height' => $s->height === null ? null : ['recess' => $s->height->recess, 'module' => $s->height->module, 'adhesive' => $s->height->adhesive, 'proud' => $s->height->proud(), 'likely' => $s->height->likely(), 'worst' => $s->height->worst()],
        ];
    }

    /** @return array<string, mixed> */
    private function gate(GateTests $g): array
    {
        return ['gate' => $g->gate->value, 'functions' => array_map(static fn(PhoneFunction $f): array => ['function' => $f->value, 'needs' => Need::of($f)->value], $g->functions)];
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<array{code: string, figures: array<string, string|float|int>|\stdClass}>
     */
    private static function reasons(array $reasons): array
    {
        return array_map(static fn(Reason $r): array => $r->toArray(), $reasons);
    }

    /**
     * An empty map must not become a JSON list.
     *
     * @param array<string, string|float|int> $map
     *
     * @return array<string, string|float|int>|\stdClass
     */
    private static function map(array $map): array|\stdClass
    {
        return $map === [] ? new \stdClass() : $map;
    }
}
