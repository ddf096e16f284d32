<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Exceptions\Conflict;
use App\Jobs\ShopBook;
use App\Models\ShopRule;
use Facelift\Cost\ShopRulesReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

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
        $rules = $request->shopRules();
        (new ShopRulesReader())->read($rules);
        $this->book->row();
        $row = DB::connection()->transaction(static function () use ($request, $rules): ShopRule {
            $locked = ShopRule::query()->lockForUpdate()->firstOrFail();
            if (ShopBook::whole($locked) === $rules) {
                return $locked;
            }
            if ($locked->version !== $request->version()) {
                throw Conflict::staleRules($locked);
            }
            $locked->update(['rules' => $rules, 'version' => $locked->version + 1]);

            return $locked;
        });
        $this->book->forget();

        return new JsonResponse(self::row($row));
    }

    /** @return array<string, mixed> */
    private static function row(ShopRule $row): array
    {
        return ['version' => $row->version, 'rules' => ShopBook::whole($row)];
    }
}
