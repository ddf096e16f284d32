<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\User;
use Closure;
use Database\Seeders\DemoShelf;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Tests\Phones;
use Illuminate\Foundation\Testing\DatabaseTruncation;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\Technician;

/** A feature test: real routes, real MariaDB, and every answer checked against the contract. */
abstract class TestCase extends BaseTestCase
{
    use DatabaseTruncation;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withHeaders(['Origin' => 'http://127.0.0.1:8480', 'Referer' => 'http://127.0.0.1:8480/']);
    }

    protected function as(Role $role): User
    {
        $user = User::query()->where('role', $role)->first()
            ?? User::query()->create([
                'name' => 'Test ' . $role->value,
                'email' => $role->value . '@lindenhalt.example',
                'password' => 'right-password',
                'role' => $role,
            ]);
        Auth::forgetGuards();
        $this->flushSession();
        $this->actingAs($user, 'web');

        return $user;
    }

    protected function shelf(): void
    {
        foreach (DemoShelf::ITEMS as $item) {
            ShelfItem::query()->create($item + ['state' => 'new']);
        }
    }

    /**
     * What is asked of the database meanwhile; but for the session, which writes now and then that it is in use.
     *
     * @param Closure(): mixed $do
     *
     * @return list<string>
     */
    protected static function queriesOf(Closure $do): array
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $do();
        DB::disableQueryLog();

        return array_values(array_filter(
            array_column(DB::getQueryLog(), 'query'),
            static fn(string $query): bool => !str_contains($query, '`sessions`'),
        ));
    }

    /**
     * Asks the API and checks the answer against the contract.
     *
     * @param array<string, mixed> $body
     *
     * @return TestResponse<Response>
     */
    protected function ask(string $method, string $path, array $body = [], ?int $status = null): TestResponse
    {
        $response = $this->json($method, '/api' . $path, $body);
        if ($status !== null) {
            self::assertSame(
                $status,
                $response->baseResponse->getStatusCode(),
                (string) $response->baseResponse->getContent(),
            );
        }
        Contract::check($method, '/api' . explode('?', $path)[0], $response);

        return $response;
    }

    /**
     * The same for helpers that are not test cases themselves.
     *
     * @param array<string, mixed> $body
     *
     * @return TestResponse<Response>
     */
    public function talk(string $method, string $path, array $body, int $status): TestResponse
    {
        return $this->ask($method, $path, $body, $status);
    }

    /** @return list<array{method: string, uri: string, middleware: list<string>}> every route of the API */
    protected function apiRoutes(): array
    {
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            foreach (str_starts_with($route->uri(), 'api/') ? $route->methods() : [] as $method) {
                if (is_string($method) && $method !== 'HEAD') {
                    $routes[] = [
                        'method' => $method,
                        'uri' => $route->uri(),
                        'middleware' => array_values(array_filter($route->gatherMiddleware(), is_string(...))),
                    ];
                }
            }
        }

        return $routes;
    }

    protected function newId(): string
    {
        return Str::uuid()->toString();
    }

    /** A technician with a planned phone: cracked glass, its display is replaced. */
    protected function atBench(): Technician
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');

        return $t;
    }

    /** A part for a shipped phone comes on the shelf; returns the model code that it is for. */
    protected function partFor(string $phone, ReplacementKind $kind, string $label): string
    {
        $file = Phones::read($phone);
        $code = (string) array_key_first($file->identity->codes);
        ShelfItem::query()->create([
            'label' => $label,
            'name' => 'Part',
            'kind' => $kind->value,
            'model_codes' => [$code],
            'connector' => $file->displayConnector($code),
            'technology' => $file->panel->technology->value,
            'colour' => $file->identity->colours[0],
            'refresh' => $file->panel->refresh,
            'brings' => $file->replacement($kind)->brings,
            'cost' => '40.00',
            'sheet' => null,
            'supplier' => 'Norvend Panels',
            'batch' => 'NP-1',
            'place' => 'X1',
            'state' => 'new',
        ]);

        return $code;
    }
}
