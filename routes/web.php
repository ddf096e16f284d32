<?php

declare(strict_types=1);

use App\Http\Account\PageController;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::get('/{path?}', PageController::class)
    ->where('path', '^(?!api/|calendar/|sanctum/|build/|build-under-test/|under-test/).*$')
    // A page that anybody may look at leaves nothing in the database: a session begins with signing in.
    ->withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])
    ->name('page');
