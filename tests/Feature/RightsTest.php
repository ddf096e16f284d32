<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The table of docs/rights.md, cell by cell: by the policy, and by the door. */
final class RightsTest extends TestCase
{
    private const ROLES = [Role::Owner, Role::Technician, Role::FrontDesk];

    /** @return list<array{string, list<bool>, list<string>}> act as `Model.ability`, who may, routes */
    private static function table(): array
    {
        $rows = [];
        foreach (explode("\n", (string) file_get_contents(__DIR__ . '/../../docs/rights.md')) as $line) {
            $cells = array_map(trim(...), explode('|', trim($line, '| ')));
            if (count($cells) === 6 && preg_match('/^`(\w+\.\w+)`$/', $cells[0], $act) === 1) {
                preg_match_all('/`([A-Z]+ [^`]+)`/', $cells[5], $routes);
                $rows[] = [
                    $act[1],
                    array_map(static fn(string $c): bool => $c === 'yes', array_slice($cells, 2, 3)),
                    $routes[1],
                ];
            }
        }

        return $rows;
    }

    public function testTheTableNamesEveryDoorOnce(): void
    {
        $there = [];
        foreach ($this->apiRoutes() as ['method' => $method, 'uri' => $uri, 'middleware' => $list]) {
            foreach ($list as $middleware) {
                if (str_contains($middleware, 'Authorize:') || str_starts_with($middleware, 'can:')) {
                    $there[] = $method . ' ' . Str::after($uri, 'api');
                }
            }
        }
        $told = array_merge(...array_column(self::table(), 2));
        sort($there);
        sort($told);
        self::assertSame($there, $told);
    }

    #[DataProvider('roles')]
    public function testEveryCellIsTrueOfThePolicyAndOfTheDoor(Role $role, int $column): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $job = Job::query()->findOrFail($t->job);
        $user = $this->as($role);
        $refused = 0;
        foreach (self::table() as [$act, $may, $routes]) {
            [$model, $ability] = explode('.', $act);
            $class = 'App\\Models\\' . $model;
            $ofOne = $class === Job::class && !in_array($ability, ['viewAny', 'create', 'seeMargin'], true);
            $about = $ofOne ? $job : $class;
            self::assertSame($may[$column], Gate::forUser($user)->allows($ability, $about), "$act for $role->value");
            foreach ($may[$column] ? [] : $routes as $route) {
                [$method, $path] = explode(' ', $route);
                $filled = strtr($path, self::some($job));
                $status = $this->json($method, '/api' . $filled)->baseResponse->getStatusCode();
                // Where the thing itself is looked up first, there is none to be refused.
                $lookedUp = preg_match('/\{(claim|photo)\}/', $path) === 1;
                self::assertSame($lookedUp ? 404 : 403, $status, "$route for $role->value");
                ++$refused;
            }
        }
        self::assertSame($role === Role::Owner, $refused === 0);
    }

    /** @return iterable<string, array{Role, int}> */
    public static function roles(): iterable
    {
        foreach (self::ROLES as $column => $role) {
            yield $role->value => [$role, $column];
        }
    }

    /** What parts cost is seen and set by those who may, whichever way it is asked. */
    public function testWhatPartsCostIsNotForTheFrontDesk(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        self::assertNotNull(ShelfItem::query()->where('label', 'S-101')->value('cost'));
        $this->ask('GET', '/shelf/items/S-101', status: 200)->assertJsonPath('cost', null);
    }

    /** @return array<string, string> */
    private static function some(Job $job): array
    {
        $id = '00000000-0000-4000-8000-000000000001';
        $other = User::query()->firstOrFail()->id;

        $kept = ['roll', 'supply', 'source', 'absence', 'change', 'dump', 'capture', 'claim', 'session'];

        return ['{job}' => $job->id, '{phone}' => 'quillon-vesper', '{version}' => '1', '{account}' => (string) $other]
            + ['{bond}' => 'seal', '{format}' => 'pdf', '{step}' => 'power-off']
            + array_fill_keys(array_map(static fn(string $k): string => '{' . $k . '}', $kept), $id);
    }
}
