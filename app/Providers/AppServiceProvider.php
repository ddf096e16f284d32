<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\QuietSessions;
use App\Audit\Trail;
use App\Audit\Watched;
use App\Day\Accepted;
use App\Day\BenchDay;
use App\Heat\SourcesInUse;
use App\Heat\WindowsInUse;
use App\Jobs\MinutesInUse;
use App\Jobs\ShopBook;
use App\Jobs\ShopDay;
use App\Models\User;
use App\Node\MetAnother;
use App\Node\PatientConnection;
use App\Outside\Caller;
use App\Outside\Insurer;
use App\Outside\Supplier;
use App\Phones\Families;
use App\Phones\PhoneLibrary;
use App\Words\ShopTime;
use App\Words\ShownUnits;
use App\Words\Words;
use Facelift\Plan\Planner;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Database\ConcurrencyErrorDetector;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(PhoneLibrary::class, static fn(): PhoneLibrary => new PhoneLibrary(base_path('phones')));
        $this->app->singleton(Families::class, static fn(): Families => new Families(base_path('phones/families')));
        $this->app->bind(ConcurrencyErrorDetector::class, MetAnother::class);
        $this->app->scoped(ShopBook::class);
        $this->app->scoped(ShopDay::class);
        $this->app->scoped(WindowsInUse::class);
        $this->app->scoped(SourcesInUse::class);
        $this->app->scoped(MinutesInUse::class);
        $this->app->scoped(Accepted::class);
        $this->app->scoped(BenchDay::class);
        // One for a request: what it found of a seal once it does not work out again.
        $this->app->scoped(Planner::class);
        $this->app->bind(Supplier::class, static fn(): Supplier => new Supplier(self::caller('supplier')));
        $this->app->bind(Insurer::class, static fn(): Insurer => new Insurer(self::caller('insurer')));
        $this->app->bind(ShopTime::class, static function (Application $app): ShopTime {
            $shop = $app->make(ShopDay::class)->shop();

            return new ShopTime($shop->bench->hours->zone->getName(), str_replace('-', '_', $shop->shown->dates));
        });
        $this->app->bind(ShownUnits::class, static function (Application $app): ShownUnits {
            $shown = $app->make(ShopDay::class)->shop()->shown;

            return new ShownUnits($shown->temperature, $shown->length);
        });
        $this->app->singleton(Words::class, static fn(): Words => Words::fromFile(resource_path('words/en.json')));
    }

    /** @param \Closure(Model): void $do with a row that is watched, once it has happened to it */
    private static function on(string $event, \Closure $do): void
    {
        Event::listen("eloquent.$event: *", static function (string $name, array $rows) use ($do): void {
            if ($rows[0] instanceof Model && Watched::about($rows[0]) !== null) {
                $do($rows[0]);
            }
        });
    }

    private static function caller(string $service): Caller
    {
        return new Caller(Config::string("facelift.$service.url"), Config::float('facelift.patience'));
    }

    public function boot(): void
    {
        Connection::resolverFor(
            'mariadb',
            /** @param array<string, mixed> $config */
            static fn(\Closure|\PDO $pdo, string $database, string $prefix, array $config): PatientConnection
                => new PatientConnection($pdo, $database, $prefix, $config),
        );
        (new TestClock(Config::string('facelift.clock')))->wind();
        Model::shouldBeStrict();
        Session::extend('quiet', static fn(Application $app): QuietSessions => new QuietSessions(
            DB::connection(),
            Config::string('session.table'),
            Config::integer('session.lifetime'),
            $app,
        ));
        JsonResource::withoutWrapping();
        $trail = new Trail();
        self::on('created', $trail->made(...));
        self::on('updated', $trail->changed(...));
        self::on('deleted', $trail->gone(...));
        // No number that a column could not hold gets as far as a query.
        Route::pattern('version', '[0-9]{1,9}');
        Route::pattern('item', '[0-9]{1,18}');
        Route::pattern('account', '[0-9]{1,18}');
        RateLimiter::for(
            'sign-in',
            static fn(Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()),
        );
        // A phone under test sends one result after the other; whoever guesses words gets nowhere.
        RateLimiter::for(
            'under-test',
            static fn(Request $request): Limit => Limit::perMinute(120)->by('under-test ' . $request->ip()),
        );
        RateLimiter::for(
            'api',
            // To count a look would write to disk each time: those the web server holds back, by address.
            static fn(Request $request): Limit => $request->isMethod('GET')
                ? Limit::none()
                : Limit::perMinute(1500)->by(
                    $request->user() instanceof User ? 'user ' . $request->user()->id : (string) $request->ip(),
                ),
        );
    }
}
