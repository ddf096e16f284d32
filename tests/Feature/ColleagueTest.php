<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\Colleagues;
use App\Models\Audit;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Another person takes over at the bench: a short PIN, on a device that is signed in and knows both. */
final class ColleagueTest extends TestCase
{
    private const DEVICE = 'a word that this device keeps';

    public function testAPinIsSetWithThePasswordAndIsNotTheFirstThatAnybodyWouldTry(): void
    {
        $this->as(Role::Technician);
        foreach (['1111', '1234', '9876', '123', '123456789', '12a4'] as $bad) {
            $this->ask('PUT', '/me/pin', ['current' => 'right-password', 'pin' => $bad], 422)
                ->assertJsonValidationErrors(['pin']);
        }
        $this->ask('PUT', '/me/pin', ['current' => 'wrong', 'pin' => '4071'], 422)
            ->assertJsonValidationErrors(['current']);
        $this->ask('GET', '/me', status: 200)->assertJsonPath('pin', false);
        $this->ask('PUT', '/me/pin', ['current' => 'right-password', 'pin' => '4071'], 204)
            ->assertCookie('facelift_device');
        $this->ask('GET', '/me', status: 200)->assertJsonPath('pin', true);
        $written = Audit::query()->where('about', 'person')->latest('id')->firstOrFail();
        self::assertSame([['short_code', null, '•••']], $written->changes);
        $this->ask('PUT', '/me/pin', ['current' => 'right-password', 'pin' => null], 204);
        $this->ask('GET', '/me', status: 200)->assertJsonPath('pin', false);
    }

    public function testWhoIsKnownHereTakesOverAndNobodyElse(): void
    {
        [$here, $next] = [$this->somebody('Tomo Reket', '4071'), $this->somebody('Nuria Bakalov', '5926')];
        $stranger = $this->somebody('Ilka Moor', '8350');
        $device = new Colleagues(self::DEVICE);
        $device->knows($here);
        $device->knows($next);
        self::assertSame(['Nuria Bakalov'], $device->of($here)->pluck('name')->all());
        self::assertSame([], (new Colleagues('another device'))->of($here)->pluck('name')->all());

        self::assertFalse($device->fits($here, $stranger, '8350'), 'has never signed in here');
        self::assertFalse($device->fits($here, $next, '4071'));
        self::assertTrue($device->fits($here, $next, '5926'));
        // Shut out, with a second factor, or without a PIN: none of them by four digits.
        foreach ([['disabled_at' => now()], ['totp_secret' => 'JBSWY3DPEHPK3PXP'], ['short_code' => null]] as $change) {
            $next->forceFill($change)->save();
            self::assertFalse($device->fits($here, $next, '5926'), (string) array_key_first($change));
            $next->forceFill(['disabled_at' => null, 'totp_secret' => null, 'short_code' => bcrypt('5926')])->save();
        }
        self::assertTrue($device->fits($here, $next, '5926'));
    }

    public function testAfterFiveWrongOnesOnlyThePasswordHelps(): void
    {
        [$here, $next] = [$this->somebody('Tomo Reket', '4071'), $this->somebody('Nuria Bakalov', '5926')];
        $device = new Colleagues(self::DEVICE);
        $device->knows($next);
        for ($try = 0; $try < Colleagues::MOST_WRONG; ++$try) {
            self::assertFalse($device->fits($here, $next, '0000'));
        }
        self::assertFalse($device->fits($here, $next, '5926'), 'the right one comes too late');
        self::assertSame([], $device->of($here)->all());
        $device->knows($next);
        self::assertTrue($device->fits($here, $next, '5926'));
        self::assertSame(0, DB::table('known_devices')->value('wrong'), 'and begins anew');
    }

    public function testTheSessionGoesOver(): void
    {
        $here = $this->somebody('Tomo Reket', '4071');
        $next = $this->somebody('Nuria Bakalov', '5926');
        $this->actingAs($here, 'web');
        foreach ([$here, $next] as $known) {
            (new Colleagues(self::DEVICE))->knows($known);
        }
        $this->withCookie('facelift_device', self::DEVICE)->withCredentials();
        $this->ask('GET', '/colleagues', status: 200)->assertJsonPath('data.0.name', 'Nuria Bakalov');
        $this->takeOver($next, '0000')->assertStatus(422)->assertJsonValidationErrors(['pin']);
        self::assertTrue($here->is(Auth::guard('web')->user()));
        $this->takeOver($next, '5926')->assertNoContent();
        self::assertTrue($next->is(Auth::guard('web')->user()));
        // Without the device's word, such as with a session that was carried away, a PIN is nothing.
        $this->defaultCookies = [];
        $this->flushSession();
        $this->actingAs($next, 'web');
        $this->takeOver($here, '4071')->assertStatus(422);
    }

    /** @return TestResponse<Response> */
    private function takeOver(User $next, string $pin): TestResponse
    {
        return $this->ask('POST', "/colleagues/$next->id", ['pin' => $pin]);
    }

    private function somebody(string $name, string $pin): User
    {
        $user = User::query()->create([
            'name' => $name,
            'email' => str_replace(' ', '.', mb_strtolower($name)) . '@stall.example',
            'password' => 'right-password',
            'role' => Role::Technician,
        ]);
        $user->forceFill(['short_code' => bcrypt($pin)])->save();

        return $user->refresh();
    }
}
