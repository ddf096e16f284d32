<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Exceptions\Conflict;
use App\Heat\HeatAnswer;
use App\Heat\HeatDesk;
use App\Heat\SourcesInUse;
use App\Models\HeatSource;
use App\Models\User;
use App\Phones\PhoneLibrary;
use Facelift\Heat\SourceReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The heat desk, and the shop's own sources. */
final readonly class HeatController
{
    public function __construct(private PhoneLibrary $phones, private HeatDesk $desk, private SourcesInUse $inUse) {}

    public function advise(HeatRequest $request): JsonResponse
    {
        $source = $this->inUse->learnt((new SourceReader())->read($request->source(), $request->room()));

        return new JsonResponse(
            $this->desk->advise(
                $this->phones->phone($request->phone()),
                $request->bond(),
                $source,
                $request->state(),
                $request->float('seconds'),
                $request->room(),
                $request->oldPanel(),
                $request->stack(),
            ),
        );
    }

    public function refit(RefitRequest $request): JsonResponse
    {
        $source = (new SourceReader())->read($request->source(), $request->room());
        $fit = $this->desk->refit(
            $this->phones->phone($request->phone()),
            $request->bond(),
            $source,
            $request->readings(),
            $request->room(),
        );

        return new JsonResponse(HeatAnswer::fit($fit));
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['data' => HeatSource::query()->orderBy('name')->get()->map(self::row(...))->all()]);
    }

    /** Keeps a source under the id that the page made; the same name is kept once. */
    public function store(HeatSourceRequest $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        (new SourceReader())->read($request->source());
        $kept = DB::connection()->transaction(static function () use ($request, $user): HeatSource {
            $id = $request->string('id')->lower()->toString();
            $name = $request->string('name')->trim()->toString();
            if (HeatSource::query()->where('name', $name)->where('id', '!=', $id)->exists()) {
                throw Conflict::notReachable('A source is called "' . $name . '" already. Nothing was kept.');
            }
            $fit = $request->fit();

            return HeatSource::query()->updateOrCreate(
                ['id' => $id],
                [
                    'name' => $name,
                    'source' => $request->source(),
                    'fit' => $fit === null ? null : $fit + ['at' => Carbon::now()->toIso8601ZuluString()],
                    'kept_by' => $user->id,
                ],
            );
        });

        return new JsonResponse(self::row($kept), $kept->wasRecentlyCreated ? 201 : 200);
    }

    public function destroy(string $source): Response
    {
        HeatSource::query()->where('id', $source)->delete();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private static function row(HeatSource $s): array
    {
        return ['id' => $s->id, 'name' => $s->name, 'source' => $s->source, 'fit' => $s->fit];
    }
}
