<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Support\Facades\Config;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Against the stand-in supplier under simulators/, in each of its faults. */
final class SupplierTest extends TestCase
{
    protected function tearDown(): void
    {
        StandIn::supplier()->behave('ok');
        parent::tearDown();
    }

    private function job(): string
    {
        $this->as(Role::FrontDesk);
        StandIn::supplier()->behave('ok');
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
        $t->change('scope', ['kind' => 'display-assembly']);

        return $t->job;
    }

    public function testPricesAreAskedAndKept(): void
    {
        $job = $this->job();
        $this->ask('GET', "/jobs/$job/supplier", status: 200)
            ->assertJsonPath('goodAt', null)
            ->assertJsonPath('offers', []);
        $asked = $this->ask('POST', "/jobs/$job/supplier", status: 200)->assertJsonPath('fault', null);
        self::assertCount(2, (array) $asked->json('offers'));
        self::assertSame($asked->json('offers'), $this->ask('GET', "/jobs/$job/supplier", status: 200)->json('offers'));
        // What a part costs the shop is not for the front desk; what there is, is.
        $this->as(Role::FrontDesk);
        $told = $this->ask('GET', "/jobs/$job/supplier", status: 200);
        self::assertSame([null, null], $told->json('offers.*.price'));
        self::assertSame($asked->json('offers.*.sku'), $told->json('offers.*.sku'));
    }

    #[TestWith(['down', 'refused'])]
    #[TestWith(['wrong', 'nonsense'])]
    #[TestWith(['garbled', 'nonsense'])]
    #[TestWith(['slow', 'unreachable'])]
    #[TestWith(['elsewhere', 'refused'])]
    #[TestWith(['flood', 'nonsense'])]
    public function testTheLastGoodPriceStaysAndItsAgeIsSaid(string $mode, string $fault): void
    {
        $job = $this->job();
        $good = $this->ask('POST', "/jobs/$job/supplier", status: 200);
        $this->travel(3)->hours();
        StandIn::supplier()->behave($mode);
        Config::set('facelift.patience', 0.4);
        $began = hrtime(true);
        $bad = $this->ask('POST', "/jobs/$job/supplier", status: 200)->assertJsonPath('fault', $fault);
        // Three tries of 0.4 s and pauses of 0.1 and 0.3 s; the stand-in itself would take 10 s for one.
        self::assertLessThan(10.0, (hrtime(true) - $began) / 1e9, 'nobody waits for a slow supplier');
        self::assertSame($good->json('offers'), $bad->json('offers'));
        self::assertSame($good->json('goodAt'), $bad->json('goodAt'));
        self::assertNotSame($bad->json('goodAt'), $bad->json('askedAt'));
    }

    #[TestWith(['http://127.0.0.1:9', 'unreachable'])]
    #[TestWith(['', 'not-set-up'])]
    public function testASupplierThatIsNotThereIsSaid(string $url, string $fault): void
    {
        $job = $this->job();
        Config::set('facelift.supplier.url', $url);
        $this->ask('POST', "/jobs/$job/supplier", status: 200)
            ->assertJsonPath('fault', $fault)
            ->assertJsonPath('goodAt', null);
    }
}
