<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\Models\JobFact;
use App\Models\User;
use App\Record\Behind;
use App\Record\Changed;
use App\Record\Contact;
use App\Record\Earned;
use App\Record\FiguresInUse;
use App\Record\Foreseen;
use App\Record\Minutes;
use App\Record\Period;
use App\Record\Shares;
use App\Record\TakesOver;
use App\Record\Windows;
use Facelift\Record\Facet;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Answers what the shop's own jobs say. */
final readonly class RecordController
{
    public function shares(RecordRequest $request, Shares $shares): JsonResponse
    {
        $this->mayTellApart($request->facet());

        return new JsonResponse($shares->of($request->question(), $request->facet(), $request->period()));
    }

    public function behind(RecordRequest $request, Behind $behind): JsonResponse
    {
        $this->mayTellApart($request->facet());

        return new JsonResponse($behind->of(
            $request->facet(),
            $request->string('value')->toString(),
            $request->period(),
            $request->boolean('hits') ? $request->question() : null,
            $request->before(),
        ));
    }

    public function money(RecordRequest $request, Earned $earned): JsonResponse
    {
        return new JsonResponse($earned->of($request->period()));
    }

    public function minutes(RecordRequest $request, Minutes $minutes): JsonResponse
    {
        return new JsonResponse($minutes->of($request->period(), Gate::allows('tellPeopleApart', JobFact::class)));
    }

    public function takeMinutesOver(TakeOverRequest $request, Minutes $minutes): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $minutes->takeOver($request->string('id')->lower()->toString(), $user);

        return new JsonResponse($minutes->of(Period::of(null, null), true));
    }

    public function takeMinutesBack(Minutes $minutes, TakesOver $takesOver): JsonResponse
    {
        $takesOver->minutesBack();

        return new JsonResponse($minutes->of(Period::of(null, null), true));
    }

    public function changed(RecordRequest $request, Changed $changed): JsonResponse
    {
        return new JsonResponse($changed->of($request->month('month')));
    }

    public function figures(FiguresInUse $figures): JsonResponse
    {
        return new JsonResponse($figures->of(Gate::allows('tellPeopleApart', JobFact::class)));
    }

    public function foreseen(Foreseen $foreseen): JsonResponse
    {
        return new JsonResponse($foreseen->of());
    }

    public function takeContactOver(TakeOverRequest $request, Contact $contact, FiguresInUse $figures): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $contact->takeOver($request->string('id')->lower()->toString(), $user);

        return $this->figures($figures);
    }

    public function takeContactBack(TakesOver $takesOver, FiguresInUse $figures): JsonResponse
    {
        $takesOver->contactBack();

        return $this->figures($figures);
    }

    public function windows(Windows $windows, TakesOver $takesOver): JsonResponse
    {
        return new JsonResponse(['data' => $windows->all(), 'bySelf' => $takesOver->isSet()]);
    }

    public function bySelf(BySelfRequest $request, Windows $windows, TakesOver $takesOver): JsonResponse
    {
        $takesOver->set($request->boolean('bySelf'));

        return $this->windows($windows, $takesOver);
    }

    public function takeOver(WindowRequest $request, Windows $windows, TakesOver $takesOver): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $windows->takeOver($request->id(), $request->adhesive(), $request->state(), $user);

        return $this->windows($windows, $takesOver);
    }

    public function takeBack(WindowRequest $request, Windows $windows, TakesOver $takesOver): JsonResponse
    {
        $takesOver->windowBack($request->adhesive(), $request->state());

        return $this->windows($windows, $takesOver);
    }

    /** Who does better is told to the owner only. */
    private function mayTellApart(Facet $facet): void
    {
        if ($facet === Facet::Technician) {
            Gate::authorize('tellPeopleApart', JobFact::class);
        }
    }
}
