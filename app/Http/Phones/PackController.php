<?php

declare(strict_types=1);

namespace App\Http\Phones;

use App\Models\User;
use App\Phones\PackFile;
use App\Phones\Packs;
use App\Words\Words;
use Facelift\Pack\BadPack;
use Facelift\Pack\Pack;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Phone files in and out, several in one file. */
final readonly class PackController
{
    public function __construct(private Packs $packs, private PackFile $file, private Words $words) {}

    public function make(MakePackRequest $request): Response
    {
        return new Response($this->packs->of($request->phones()), 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="phones.facelift-pack.zip"',
        ]);
    }

    /** Nothing is kept by looking. */
    public function look(PackRequest $request): JsonResponse
    {
        return new JsonResponse($this->packs->look($this->pack($request)));
    }

    public function take(PackRequest $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse(['taken' => $this->packs->take($user, $this->pack($request), $request->chosen())]);
    }

    private function pack(PackRequest $request): Pack
    {
        try {
            return $this->file->read($request->pack()->getPathname());
        } catch (BadPack $e) {
            throw ValidationException::withMessages([
                'pack' => $this->words->reason($e->reason) . '. Nothing was taken over.',
            ]);
        }
    }
}
