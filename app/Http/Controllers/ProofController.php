<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Support\ProofTable;
use App\Support\Runs;
use Illuminate\Http\JsonResponse;

final readonly class ProofController
{
    public function __invoke(Job $job, Runs $runs, ProofTable $proof): JsonResponse
    {
        return new JsonResponse($proof->of($job, $runs->run($job)));
    }
}
