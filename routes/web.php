<?php

declare(strict_types=1);

use App\Http\Account\PageController;
use Illuminate\Support\Facades\Route;

Route::get('/{path?}', PageController::class)
    ->where('path', '^(?!api/|calendar/|sanctum/|build/|build-under-test/|under-test/).*$')
    ->name('page');
