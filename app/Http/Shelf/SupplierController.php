<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Jobs\ShopBook;
use App\Jobs\Stations;
use App\Models\Job;
use App\Models\SupplierPrice;
use App\Outside\Supplier;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Http\JsonResponse;

/** What could be ordered for a job. */
final readonly class SupplierController
{
    public function __construct(private Supplier $supplier, private Stations $stations, private ShopBook $book) {}

    /** What was last said: answers at once, whatever the supplier does. */
    public function show(Job $job): JsonResponse
    {
        return $this->answer($this->supplier->known($job->model_code, $this->kind($job)));
    }

    /** Asks the supplier anew, within the patience of the caller. */
    public function ask(Job $job): JsonResponse
    {
        return $this->answer($this->supplier->ask($job->model_code, $this->kind($job)));
    }

    private function kind(Job $job): string
    {
        $this->stations->mustReach('part', $job);

        return ($job->kind ?? ReplacementKind::DisplayAssembly)->value;
    }

    private function answer(?SupplierPrice $row): JsonResponse
    {
        return new JsonResponse(SupplierAnswer::of($row, $this->book->rules()->currency));
    }
}
