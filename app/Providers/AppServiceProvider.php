<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\User;
use App\Support\PhoneLibrary;
use App\Support\Words;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(PhoneLibrary::class, static fn(): PhoneLibrary => new PhoneLibrary(base_path('phones')));
        $this->app->singleton(Words::class, static fn(): Words => Words::fromFile(resource_path('words/en.json')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        RateLimiter::for('sign-in', static fn(Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()));
        RateLimiter::for('api', static fn(Request $request): Limit => Limit::perMinute(600)->by($request->user() instanceof User ? 'user ' . $request->user()->id : (string) $request->ip()));
    }
}
