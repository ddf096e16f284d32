<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\CheckInController;
use App\Http\Controllers\HandOverController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\PartController;
use App\Http\Controllers\PhoneController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ProofController;
use App\Http\Controllers\ScopeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\TimerController;
use App\Models\Job;
use App\Models\ShelfItem;
use Illuminate\Support\Facades\Route;

Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');

Route::middleware(['auth:sanctum', 'throttle:api'])->group(static function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy']);
    Route::get('me', [SessionController::class, 'show']);
    Route::get('phones', [PhoneController::class, 'index'])->can('viewAny', Job::class);
    Route::get('phones/{phone}', [PhoneController::class, 'show'])->can('viewAny', Job::class);
    Route::get('shelf', ShelfController::class)->can('viewAny', ShelfItem::class);
    Route::get('timers', TimerController::class)->can('viewAny', Job::class);
    Route::get('jobs', [JobController::class, 'index'])->can('viewAny', Job::class);
    Route::post('jobs', [JobController::class, 'store'])->can('create', Job::class);

    Route::prefix('jobs/{job}')->whereUuid('job')->group(static function (): void {
        Route::get('', [JobController::class, 'show'])->can('view', 'job');
        Route::put('check-in', CheckInController::class)->can('checkIn', 'job');
        Route::get('scope', [ScopeController::class, 'show'])->can('view', 'job');
        Route::put('scope', [ScopeController::class, 'update'])->can('choose', 'job');
        Route::get('part', [PartController::class, 'show'])->can('view', 'job');
        Route::put('part', [PartController::class, 'update'])->can('choose', 'job');
        Route::get('plan', [PlanController::class, 'show'])->can('view', 'job');
        Route::put('plan', [PlanController::class, 'update'])->can('choose', 'job');
        Route::get('bench', [BenchController::class, 'show'])->can('view', 'job');
        Route::post('events', [BenchController::class, 'store'])->can('work', 'job');
        Route::get('proof', ProofController::class)->can('view', 'job');
        Route::put('hand-over', [HandOverController::class, 'update'])->can('handOver', 'job');
        Route::get('sheet.pdf', [HandOverController::class, 'sheet'])->can('view', 'job');
        Route::get('export.json', [HandOverController::class, 'export'])->can('view', 'job');
    });
});
