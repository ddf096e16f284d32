<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Jobs\ProofTable;
use App\Jobs\Runs;
use App\Models\Job;
use Illuminate\Http\JsonResponse;

final readonly class ProofController
{
    public function __invoke(Job $job, Runs $runs, ProofTable $proof): JsonResponse
    {
        return new JsonResponse($proof->of($job, $runs->run($job)));
    }
}
