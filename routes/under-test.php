<?php

declare(strict_types=1);

use App\Http\UnderTest\UnderTestController;
use Illuminate\Support\Facades\Route;

// For the phone under test: no account, no session, no cookie; the word in the address is all that is known of it.
Route::get('under-test/{word}', [UnderTestController::class, 'show'])->where('word', '[A-Za-z0-9]{40}');
Route::post('under-test/{word}/results', [UnderTestController::class, 'store'])->where('word', '[A-Za-z0-9]{40}');
Route::post('under-test/{word}/signature', [UnderTestController::class, 'sign'])->where('word', '[A-Za-z0-9]{40}');
Route::any('under-test/{rest}', [UnderTestController::class, 'gone'])->where('rest', '.*');
