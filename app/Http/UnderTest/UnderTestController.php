<?php

declare(strict_types=1);

namespace App\Http\UnderTest;

use App\Bench\SignOnPhone;
use App\Bench\UnderTest;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What a phone under test asks for. It says the same of every word that opens nothing. */
final readonly class UnderTestController
{
    public function __construct(private UnderTest $tests, private Words $words) {}

    public function show(string $word): View|Response
    {
        $page = $this->tests->page($word);

        return $page === null ? $this->gone() : view('under-test', [
            'shows' => $this->tests->shows($page),
            'words' => $this->words,
            'texts' => $this->words->under('under-test.', 'function.'),
        ]);
    }

    public function store(PhoneResultRequest $request, string $word): JsonResponse|Response
    {
        $page = $this->tests->page($word);
        if ($page === null) {
            return $this->gone();
        }

        return new JsonResponse($this->tests->keep(
            $page,
            $request->id(),
            $request->integer('at'),
            $request->tested(),
            $request->outcome(),
            $request->strokes(),
            $request->marks(),
            $request->felt(),
            $request->told(),
        ));
    }

    /** What was signed is kept with what stood there to be signed. */
    public function sign(PhoneSignatureRequest $request, string $word, SignOnPhone $sign): JsonResponse|Response
    {
        $page = $this->tests->page($word);
        if ($page === null) {
            return $this->gone();
        }
        $sign(
            $page,
            $request->id(),
            $request->integer('at'),
            $request->string('name')->trim()->toString(),
            $request->strokes(),
        );

        return new JsonResponse(['outcome' => null]);
    }

    public function gone(): Response
    {
        return new Response(view('under-test-gone')->render(), 404, ['Cache-Control' => 'no-store, private']);
    }
}
