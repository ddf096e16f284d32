<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Http\Reasons;
use App\Models\Job;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Bond;
use Facelift\Condition\ConditionReader;
use Facelift\Condition\EdgeState;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkWords;
use Facelift\Condition\RepairSign;
use Facelift\Condition\SignConsequence;
use Facelift\Diagnosis\Diagnostician;
use Illuminate\Http\JsonResponse;

/** What follows from a condition that is being written down; keeps nothing. */
final readonly class LookController
{
    public function __invoke(LookRequest $request, Job $job, PhoneLibrary $phones): JsonResponse
    {
        $phone = $phones->phone($job->phone);
        $condition = (new ConditionReader())->read($request->condition());
        $edges = array_values(
            array_filter(
                array_map(
                    static fn(Bond $b): ?EdgeState => EdgeState::of($b, $phone, $condition),
                    array_values($phone->bonds),
                ),
            ),
        );

        return new JsonResponse([
            'marks' => Reasons::of(
                array_map(static fn(Mark $m) => (new MarkWords())->of($m, $phone), $condition->marks),
            ),
            'edges' => array_map(
                static fn(EdgeState $e): array => [
                    'bond' => $e->bond,
                    'name' => $phone->nameOf($e->bond),
                    'face' => $phone->bonds[$e->bond]->face->value,
                    'start' => $e->start->value,
                    'cup' => $e->cup === null ? null : ['x' => round($e->cup->x, 1), 'y' => round($e->cup->y, 1)],
                    'moved' => $e->moved,
                    'crazed' => $e->crazed,
                ],
                $edges,
            ),
            'signs' => array_map(
                static fn(RepairSign $s): array => [
                    'sign' => $s->value,
                    'consequences' => Reasons::of(SignConsequence::of($s)),
                ],
                $condition->repairSigns,
            ),
            'finding' => FindingResource::of((new Diagnostician())->diagnose($condition, $phone->panel->technology)),
        ]);
    }
}
