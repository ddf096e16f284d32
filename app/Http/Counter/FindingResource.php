<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\Reasons;
use Facelift\Diagnosis\Finding;
use Facelift\Diagnosis\LayerVerdict;
use Facelift\Diagnosis\Suspect;

/** A diagnosis as the page gets it. */
final readonly class FindingResource
{
    /** @return array<string, mixed> */
    public static function of(Finding $f): array
    {
        return [
            'layers' => array_map(
                static fn(LayerVerdict $v): array => [
                    'layer' => $v->layer->value,
                    'likelihood' => $v->likelihood->value,
                    'because' => Reasons::of($v->because),
                ],
                $f->layers,
            ),
            'suspects' => array_map(
                static fn(Suspect $s): array => [
                    'symptom' => $s->symptom->value,
                    'cause' => $s->cause->value,
                    'share' => round($s->share, 4),
                    'ruledOutBy'
                        => $s->ruledOutBy === null ? null : $s->ruledOutBy->check->value . ':' . $s->ruledOutBy->result,
                ],
                $f->suspects,
            ),
            'contradictions' => Reasons::of($f->contradictions),
            'next' => $f->next === null
                    ? null
                    : [
                        'check' => $f->next->check->value,
                        'symptom' => $f->next->symptom->value,
                        'moment' => $f->next->check->moment()->value,
                        'bits' => round($f->next->bits, 2),
                        'results' => array_map(
                            static fn(string $r): array => ['result' => $r, 'share' => round($f->next->results[$r], 3)],
                            array_keys($f->next->results),
                        ),
                    ],
            'proveFirst' => $f->proveFirst(),
            'pointsToDisplay' => $f->pointsToDisplay(),
            'chance' => $f->chanceOfMending() === null ? null : round($f->chanceOfMending(), 3),
        ];
    }
}
