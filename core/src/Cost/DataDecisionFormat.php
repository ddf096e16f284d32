<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Document\Node;
use Facelift\Document\Reason;
use Facelift\Fit\DataDecision;
use Facelift\Fit\DataWay;
use Facelift\Fit\Fate;
use Facelift\Fit\SwapRow;
use Facelift\Fit\SwapWay;

/** What a customer decided about a display's data, in a document. */
final readonly class DataDecisionFormat
{
    /** @return array<string, mixed> */
    public function write(DataDecision $decision): array
    {
        return $this->way($decision->way) + ['by' => $decision->by];
    }

    /** @return array{way: string, rows: list<array<string, mixed>>, hears: list<array<string, mixed>>} */
    public function way(SwapWay $way): array
    {
        return [
            'way' => $way->way->value,
            'rows' => array_map(static fn(SwapRow $r): array => [
                'function' => $r->function->value,
                'fate' => $r->fate->value,
                'because' => $r->because->toArray(),
                'days' => $r->days,
            ], $way->rows),
            'hears' => array_map(static fn(Reason $r): array => $r->toArray(), $way->hears),
        ];
    }

    public function read(Node $n): DataDecision
    {
        $way = new SwapWay(
            $n->enum('way', DataWay::class),
            $n->each('rows', static fn(Node $r): SwapRow => new SwapRow(
                $r->enum('function', PhoneFunction::class),
                $r->enum('fate', Fate::class),
                Reason::read($r->node('because')),
                $r->int('days', 0, 365),
            )),
            $n->each('hears', Reason::read(...)),
        );

        return new DataDecision($way, $n->string('by'));
    }
}
