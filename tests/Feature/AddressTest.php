<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Tests\TestCase;

/** What is printed, sent or scanned leads to the address that the shop has set, from wherever it was asked. */
final class AddressTest extends TestCase
{
    public function testACalendarAndAnInvitationBearTheShopsAddress(): void
    {
        config(['facelift.url' => 'https://facelift.shop.example']);
        $this->as(Role::Owner);

        $calendar = $this->ask('POST', '/day/address', [], 200)->json('address');
        self::assertIsString($calendar);
        self::assertStringStartsWith('https://facelift.shop.example/calendar/', $calendar);

        $body = ['id' => $this->newId(), 'name' => 'Runa Holt', 'email' => 'runa@stall.example', 'role' => 'technician']
            + ['rights' => ['uv']];
        $way = $this->ask('POST', '/accounts', $body, 201)->json('address');
        self::assertIsString($way);
        self::assertStringStartsWith('https://facelift.shop.example/invited/', $way);
    }

    public function testWithoutOneTheAddressIsTheOneThatWasAsked(): void
    {
        $this->as(Role::Owner);

        $calendar = $this->ask('POST', '/day/address', [], 200)->json('address');
        self::assertIsString($calendar);
        self::assertStringStartsWith('http://127.0.0.1:8480/calendar/', $calendar);
    }
}
