<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Facelift\Condition\Condition;
use Facelift\Diagnosis\Finding;
use Facelift\Diagnosis\LayerVerdict;
use Facelift\Document\Reason;
use Facelift\Plan\Plan;
use Facelift\Plan\ScopeAdvice;

/** What is broken and what would do, as the page gets it. */
final readonly class ScopeResource
{
    /**
     * @param list<Plan> $plans
     *
     * @return array<string, mixed>
     */
    public static function of(Finding $finding, Condition $condition, array $plans): array
    {
        $advice = (new ScopeAdvice())->weigh($condition, $finding, $plans);

        return [
            'layers' => array_map(static fn(LayerVerdict $v): array => ['layer' => $v->layer->value, 'likelihood' => $v->likelihood->value, 'because' => self::reasons($v->because)], $finding->layers),
            'contradictions' => self::reasons($finding->contradictions),
            'proveFirst' => $finding->proveFirst,
            'pointsToDisplay' => $finding->pointsToDisplay(),
            'kinds' => array_map(static fn(int $i): array => [
                'kind' => $plans[$i]->request->replacement->kind->value,
                'name' => $plans[$i]->request->replacement->name,
                'recommended' => $advice['recommended'] === $i,
                'suits' => $advice['suits'][$i],
                'because' => self::reasons($advice['because'][$i]),
                'moved' => array_map(static fn(string $id): string => $plans[$i]->request->phone->nameOf($id), $plans[$i]->route->moved),
                'removals' => count($plans[$i]->route->ids()),
                'screws' => count($plans[$i]->mat->places),
                'handsOn' => round($plans[$i]->handsOn()),
                'waiting' => round($plans[$i]->waiting()),
                'works' => $plans[$i]->works(),
            ], array_keys($plans)),
        ];
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
}
