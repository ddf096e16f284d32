<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\QuietSessions;
use App\Account\Sessions;
use App\Account\SignIn;
use App\Account\Totp;
use App\Account\WhyNot;
use App\Jobs\ShopDay;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Hashing\BcryptHasher;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    /**
     * RFC 6238, appendix B, the column of SHA-1: the secret is the ASCII text 12345678901234567890, codes have eight
     * digits.
     */
    public function testCodesOfTheTimeAreThoseOfTheStandard(): void
    {
        $secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
        foreach ([
            59 => '94287082', 1_111_111_109 => '07081804', 1_111_111_111 => '14050471',
            1_234_567_890 => '89005924', 2_000_000_000 => '69279037', 20_000_000_000 => '65353130',
        ] as $at => $code) {
            self::assertSame($code, (new Totp(8))->code($secret, intdiv($at, 30)));
            self::assertSame(intdiv($at, 30), (new Totp(8))->taken($secret, $code, $at + 29, null));
            self::assertNull((new Totp(8))->taken($secret, $code, $at, intdiv($at, 30)), 'none is taken twice');
            self::assertNull((new Totp(8))->taken($secret, $code, $at + 90, null), 'too late');
        }
    }

    public function testSomebodyIsAddedInvitedAndComesIn(): void
    {
        $this->as(Role::Owner);
        $new = ['id' => $this->newId(), 'email' => 'Mara@Stall.example', 'name' => 'Mara Quist']
            + ['role' => 'technician', 'rights' => ['uv']];
        $said = $this->ask('POST', '/accounts', $new, 201);
        self::assertFalse($said->json('account.hasPassword'));
        $first = $this->word($said->json('address'));
        $again = $this->ask('POST', '/accounts', $new, 200);
        $word = $this->word($again->json('address'));
        self::assertSame(1, User::query()->where('email', 'mara@stall.example')->count());
        $this->ask('POST', '/accounts', ['id' => $this->newId()] + $new, 409);
        self::assertFalse(Invitation::query()->where('hash', $word)->exists(), 'the word itself is not kept');

        // Without a password nobody gets in; the earlier way in does not work any more.
        Auth::forgetGuards();
        self::assertSame(WhyNot::DoNotGoTogether, (new SignIn())->check('mara@stall.example', '', null));
        $this->guest();
        $this->ask('GET', "/invitations/$first", status: 404);
        $this->ask('GET', "/invitations/$word", status: 200)->assertJsonPath('name', 'Mara Quist');
        $this->ask('POST', "/invitations/$word", ['password' => 'short'], 422)
            ->assertJsonValidationErrors(['password']);
        $this->ask('POST', "/invitations/$word", ['password' => 'a long enough one'], 204);
        $this->ask('POST', "/invitations/$word", ['password' => 'another long one'], 409);
        $this->ask('POST', '/sign-in', ['email' => 'mara@stall.example', 'password' => 'a long enough one'], 200);
    }

    /** An empty shop has an owner from its first start, and whoever is locked out gets in again by the machine. */
    public function testTheFirstOwnerComesInByTheTerminal(): void
    {
        self::assertSame(1, Artisan::call('facelift:invite', ['email' => 'boss@stall.example']));
        $said = fn(): string => trim(Artisan::output());
        $first = ['email' => 'Boss@stall.example', '--owner' => true, '--at' => 'http://127.0.0.1:8480'];
        self::assertSame(0, Artisan::call('facelift:invite', $first));
        $word = $this->word($said());
        self::assertSame(Role::Owner, User::query()->firstOrFail()->role);
        // A second owner does not come in this way.
        self::assertSame(1, Artisan::call('facelift:invite', ['email' => 'other@stall.example'] + $first));
        self::assertSame(0, Artisan::call('facelift:invite', ['email' => 'boss@stall.example']));
        $this->ask('POST', "/invitations/$word", ['password' => 'a long enough one'], 409);
        $this->ask('POST', '/invitations/' . $this->word($said()), ['password' => 'a long enough one'], 204);
        $this->ask('POST', '/sign-in', ['email' => 'boss@stall.example', 'password' => 'a long enough one'], 200);
        // Of an empty shop every place can be looked at.
        foreach (['/day', '/jobs', '/shelf', '/reorder', '/orders', '/returns', '/claims', '/accounts'] as $place) {
            $this->ask('GET', $place, status: 200);
        }
    }

    public function testAnInvitationGrowsOld(): void
    {
        $this->as(Role::Owner);
        $user = $this->somebody('technician');
        $word = $this->word($this->ask('POST', "/accounts/$user->id/invitation", status: 200)->json('address'));
        $this->travel(49)->hours();
        $this->guest();
        $this->ask('GET', "/invitations/$word", status: 404);
        $this->ask('POST', "/invitations/$word", ['password' => 'a long enough one'], 409);
    }

    public function testOnlyTheOwnerKeepsAccountsAndOneOwnerIsAlwaysLeft(): void
    {
        foreach ([Role::Technician, Role::FrontDesk] as $role) {
            $this->as($role);
            $this->ask('GET', '/accounts', status: 403);
            $this->ask('POST', '/accounts', [], 403);
        }
        $owner = $this->as(Role::Owner);
        $change = ['name' => $owner->name, 'rights' => [], 'version' => 1];
        $this->ask('PUT', "/accounts/$owner->id", $change + ['role' => 'technician', 'disabled' => false], 409);
        $this->ask('PUT', "/accounts/$owner->id", $change + ['role' => 'owner', 'disabled' => true], 409);
        $second = $this->somebody('owner');
        $this->ask('PUT', "/accounts/$owner->id", $change + ['role' => 'technician', 'disabled' => false], 200);
        self::assertSame(Role::Technician, $owner->refresh()->role);
        self::assertSame(Role::Owner, $second->refresh()->role);
    }

    public function testWhoeverIsDisabledIsOutAtOnce(): void
    {
        $this->as(Role::Owner);
        $other = $this->as(Role::Technician);
        $this->as(Role::Owner);
        $user = $this->somebody('technician');
        $session = ['id' => 'theirs', 'user_id' => $user->id, 'payload' => '', 'last_activity' => 1];
        DB::table('sessions')->insert($session);
        $change = ['name' => 'New Name', 'role' => 'technician', 'rights' => ['uv'], 'version' => 1]
            + ['disabled' => true];
        $this->ask('PUT', "/accounts/$user->id", $change, 200)->assertJsonPath('disabled', true);
        $this->ask('PUT', "/accounts/$user->id", $change, 200)->assertJsonPath('version', 2);
        $this->ask('PUT', "/accounts/$user->id", ['name' => 'Third'] + $change, 409)
            ->assertJsonPath('code', 'stale-version');
        self::assertSame([], Sessions::of($user));
        $planned = array_column((new ShopDay())->shop()->bench->people, 'id');
        self::assertSame(['technician' => true, 'disabled' => false], [
            'technician' => in_array((string) $other->id, $planned, true),
            'disabled' => in_array((string) $user->id, $planned, true),
        ], 'nothing is planned for whoever is shut out');
        self::assertSame(WhyNot::DoNotGoTogether, (new SignIn())->check($user->email, 'the right password', null));
    }

    public function testAPasswordIsChangedWithTheOldOneAndOtherSessionsEnd(): void
    {
        $user = $this->somebody('technician');
        $this->actingAs($user, 'web');
        $session = ['id' => 'other', 'user_id' => $user->id, 'payload' => '', 'last_activity' => 1];
        DB::table('sessions')->insert($session);
        $body = ['current' => 'wrong', 'password' => 'a brand new one'];
        $this->ask('PUT', '/me/password', $body, 422)->assertJsonValidationErrors(['current']);
        $this->ask('PUT', '/me/password', ['current' => 'the right password'] + $body, 204);
        self::assertSame($user->id, $this->signedIn($user->email, 'a brand new one')?->id);
        self::assertFalse(DB::table('sessions')->where('id', 'other')->exists());
    }

    public function testASecondFactorIsAskedForAndEachCodeIsTakenOnce(): void
    {
        Carbon::setTestNow(Carbon::createFromTimestamp(1_800_000_000));
        $user = $this->somebody('owner');
        $this->actingAs($user, 'web');
        $secret = $this->ask('POST', '/me/second-factor', status: 200)->json('secret');
        self::assertIsString($secret);
        $code = static fn(): string => (new Totp())->code($secret, intdiv(Carbon::now()->getTimestamp(), 30));
        $this->ask('PUT', '/me/second-factor', ['code' => '000000'], 422)->assertJsonValidationErrors(['code']);
        $this->ask('PUT', '/me/second-factor', ['code' => chunk_split($code(), 3, ' ')], 204);
        $kept = DB::table('users')->where('id', $user->id)->value('totp_secret');
        self::assertIsString($kept);
        self::assertStringNotContainsString($secret, $kept, 'it is kept encrypted');

        $this->guest();
        $in = ['email' => $user->email, 'password' => 'the right password'];
        $this->ask('POST', '/sign-in', $in, 409)->assertJsonPath('code', 'code-wanted');
        $this->ask('POST', '/sign-in', $in + ['code' => $code()], 422)->assertJsonValidationErrors(['code']);
        $this->travel(30)->seconds();
        $this->ask('POST', '/sign-in', $in + ['code' => $code()], 200);
        $this->ask('POST', '/me/second-factor/off', ['current' => ['wrong']], 422);
        $this->ask('POST', '/me/second-factor/off', ['current' => 'wrong'], 422);
        $this->ask('POST', '/me/second-factor/off', ['current' => 'the right password'], 204);
        self::assertNull($user->refresh()->totp_secret);
        Carbon::setTestNow();
    }

    public function testSessionsAreListedAndEndedByANameThatIsNoWayIn(): void
    {
        $user = $this->somebody('technician');
        $this->actingAs($user, 'web');
        DB::table('sessions')->insert([
            'id' => 'a-secret-id', 'user_id' => $user->id, 'ip_address' => '127.0.0.9', 'user_agent' => 'Tablet',
            'payload' => '', 'last_activity' => 1_800_000_000,
        ]);
        $listed = $this->ask('GET', '/me/sessions', status: 200);
        self::assertStringNotContainsString('a-secret-id', (string) $listed->baseResponse->getContent());
        $this->as(Role::FrontDesk);
        $this->ask('DELETE', '/me/sessions/' . Sessions::name('a-secret-id'), status: 204);
        self::assertTrue(DB::table('sessions')->where('id', 'a-secret-id')->exists(), 'it is somebody else’s');
        Auth::forgetGuards();
        $this->flushSession();
        $this->actingAs($user, 'web');
        $this->ask('DELETE', '/me/sessions/' . Sessions::name('a-secret-id'), status: 204);
        self::assertFalse(DB::table('sessions')->where('id', 'a-secret-id')->exists());
    }

    /** Whoever looks leaves nothing behind: no session of a guest, and no write of one who is signed in. */
    public function testLookingWritesNothing(): void
    {
        $this->guest();
        $this->get('/')->assertOk();
        $this->get('/sign-in')->assertOk();
        self::assertSame(0, DB::table('sessions')->count());
        $user = $this->somebody('technician');
        $this->ask('POST', '/sign-in', ['email' => $user->email, 'password' => 'the right password'], 200);
        self::assertSame(1, DB::table('sessions')->count());
    }

    public function testASessionIsWrittenOnlyWhereSomethingHasChanged(): void
    {
        Carbon::setTestNow(Carbon::createFromTimestamp(1_800_000_000));
        $handler = fn(): QuietSessions => new QuietSessions(DB::connection(), 'sessions', 720, $this->app);
        $data = static fn(array $session): string => Crypt::encrypt(serialize($session));
        $handler()->write('one', $data(['login' => 7]));
        $write = static function (array $session) use ($handler, $data): int {
            $h = $handler();
            $h->read('one');
            DB::flushQueryLog();
            DB::enableQueryLog();
            $h->write('one', $data($session));
            DB::disableQueryLog();

            return count(DB::getQueryLog());
        };
        self::assertSame(0, $write(['login' => 7]));
        self::assertSame(0, $write(['login' => 7, '_previous' => ['url' => 'elsewhere']]));
        self::assertSame(1, $write(['login' => 8]));
        $kept = Crypt::decrypt($handler()->read('one'));
        self::assertSame(serialize(['login' => 8]), $kept);
        // It is still there: said again after a while, so that it does not grow old.
        Carbon::setTestNow(Carbon::createFromTimestamp(1_800_000_301));
        self::assertSame(1, $write(['login' => 8]));
        Carbon::setTestNow(Carbon::createFromTimestamp(1_800_000_301)->addMinutes(721));
        self::assertSame('', $handler()->read('one'));
        Carbon::setTestNow();
    }

    /** A database that is away is said to be away, so that whoever asked tries again. */
    public function testADatabaseThatIsAwayIsSaidToBe(): void
    {
        $this->as(Role::Technician);
        $there = Config::string('database.default');
        $gone = ['unix_socket' => '/nowhere/at.all'] + Config::array("database.connections.$there");
        Config::set('database.connections.gone', $gone);
        DB::setDefaultConnection('gone');
        try {
            $answer = $this->getJson('/api/jobs');
        } finally {
            DB::setDefaultConnection($there);
            DB::purge('gone');
        }
        $answer->assertStatus(503)->assertHeader('Retry-After', '2');
    }

    /** As much is reckoned for an account that there is as for one that there is not. */
    public function testTheTimeDoesNotSayWhetherThereIsAnAccount(): void
    {
        // As dear as in a shop: what is asked of the database beside it is little then.
        $hasher = Hash::driver('bcrypt');
        assert($hasher instanceof BcryptHasher);
        $hasher->setRounds(10);
        $user = $this->somebody('technician');
        (new SignIn())->check('nobody@stall.example', 'x', null);
        [$known, $unknown] = [[self::took($user->email)], [self::took('nobody@stall.example')]];
        for ($i = 0; $i < 14; ++$i) {
            $known[] = self::took($user->email);
            $unknown[] = self::took('nobody@stall.example');
        }
        self::assertEqualsWithDelta(1.0, min($unknown) / min($known), 0.25);
    }

    /** Time of the processor, s: what else the machine does is not in it. */
    private static function took(string $email): float
    {
        $before = self::processor();
        (new SignIn())->check($email, 'the wrong password', null);

        return self::processor() - $before;
    }

    private static function processor(): float
    {
        ['ru_utime.tv_sec' => $seconds, 'ru_utime.tv_usec' => $micro] = (array) getrusage();
        self::assertIsInt($seconds);
        self::assertIsInt($micro);

        return $seconds + $micro / 1e6;
    }

    private function signedIn(string $email, string $password): ?User
    {
        $user = (new SignIn())->check($email, $password, null);

        return $user instanceof User ? $user : null;
    }

    private function somebody(string $role): User
    {
        return User::query()->create([
            'name' => 'Some Body',
            'email' => Str::random(8) . '@stall.example',
            'password' => 'the right password',
            'role' => $role,
        ])->refresh();
    }

    private function guest(): void
    {
        Auth::forgetGuards();
        $this->flushSession();
        $guard = Auth::guard('web');
        assert($guard instanceof StatefulGuard);
        $guard->logout();
    }

    private function word(mixed $address): string
    {
        self::assertIsString($address);
        self::assertMatchesRegularExpression('#^https?://[^/]+/invited/[0-9a-f]{40}$#', $address);

        return substr($address, -40);
    }
}
