<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\ComeBack;
use App\Counter\OldParts;
use App\Counter\Post;
use App\Models\Comeback as Row;
use App\Models\GateSignature;
use App\Models\Job;
use App\Models\OldPartKept;
use App\Models\PostBox;
use App\Models\User;
use App\Papers\PackingList;
use Facelift\Bench\OldPart;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What belongs to a job beside the work: old parts, its box if it came by post, and what it came back with. */
final readonly class AfterController
{
    public function show(Job $job, OldParts $old): JsonResponse
    {
        return new JsonResponse(self::answer($job, $old));
    }

    public function comeBack(ComeBackRequest $request, Job $job, ComeBack $open): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        $opened = $open(
            $job,
            $user,
            mb_strtolower($request->string('id')->toString()),
            $request->what(),
            $request->failing(),
            $request->side(),
            $request->string('text')->trim()->toString(),
        );

        return (new JobResource($opened->refresh()))->response($request)->setStatusCode(200);
    }

    public function came(PostRequest $request, Job $job, Post $post, OldParts $old): JsonResponse
    {
        $post->came($job, $request->came(), $request->address());

        return new JsonResponse(self::answer($job, $old));
    }

    public function sent(PostSentRequest $request, Job $job, Post $post, OldParts $old): JsonResponse
    {
        $post->sent($job, $request->goes(), $request->filled('parcel') ? $request->string('parcel')->toString() : null);

        return new JsonResponse(self::answer($job, $old));
    }

    public function packingList(Job $job, PackingList $list): Response
    {
        return new Response($list->pdf($job), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $job->tag() . '-packing-list.pdf"',
        ]);
    }

    /** @return array<string, mixed> */
    private static function answer(Job $job, OldParts $old): array
    {
        $box = PostBox::query()->find($job->id);
        $back = Row::query()->find($job->id);

        return [
            'oldParts' => $job->plan === null || $job->plan_works !== true ? [] : array_map(
                static fn(OldPart $o): array => [
                    'part' => $o->part->id,
                    'name' => $o->part->name,
                    'suggested' => $o->suggested->value,
                    'because' => $o->because->toArray(),
                ],
                $old->left($job),
            ),
            'kept' => OldPartKept::query()->where('job_id', $job->id)->orderBy('id')->get()->map(
                static fn(OldPartKept $k): array => [
                    'part' => $k->part,
                    'name' => $k->name,
                    'goes' => $k->goes->value,
                    'label' => $k->label,
                    'place' => $k->place,
                ],
            )->all(),
            'post' => $box === null ? null : [
                'came' => $box->came,
                'goes' => $box->goes,
                'address' => $box->address,
                'sentAt' => $box->sent_at?->toIso8601ZuluString(),
                'parcel' => $box->parcel,
            ],
            'cameBack' => $back === null ? null : [
                'of' => $back->of_id,
                'what' => $back->what->value,
                'function' => $back->function,
                'side' => $back->side,
                'text' => $back->text,
                'tied' => $back->tied,
            ],
            'signed' => GateSignature::query()->where('job_id', $job->id)->orderBy('at')->get()->map(
                static fn(GateSignature $s): array => ['gate' => $s->gate->value, 'name' => $s->name, 'at' => $s->at],
            )->all(),
        ];
    }
}
