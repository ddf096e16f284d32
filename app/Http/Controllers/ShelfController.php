<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ShelfItemResource;
use App\Models\ShelfItem;
use Illuminate\Http\JsonResponse;

final readonly class ShelfController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['data' => ShelfItemResource::collection(ShelfItem::query()->with('job')->orderBy('label')->get())]);
    }
}
