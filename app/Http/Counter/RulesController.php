<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\RulesEffect;
use App\Jobs\ShopBook;
use App\Models\ShopRule;
use Facelift\Cost\ShopRulesReader;
use Illuminate\Http\JsonResponse;

/** The shop's rules of pricing; the owner's. */
final readonly class RulesController
{
    public function __construct(private ShopBook $book) {}

    public function show(): JsonResponse
    {
        return new JsonResponse(self::row($this->book->row()));
    }

    public function update(RulesRequest $request): JsonResponse
    {
        return new JsonResponse(self::row($this->book->keep($request->version(), $request->shopRules())));
    }

    /** What the last quotes would cost by these; nothing is kept. */
    public function effect(RulesEffectRequest $request, RulesEffect $effect): JsonResponse
    {
        $rules = (new ShopRulesReader())->read($request->shopRules());

        return new JsonResponse(['currency' => $rules->currency, 'data' => $effect->of($rules)]);
    }

    /** @return array<string, mixed> */
    private static function row(ShopRule $row): array
    {
        return ['version' => $row->version, 'rules' => ShopBook::whole($row)];
    }
}
