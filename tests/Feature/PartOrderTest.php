<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PartOrder;
use App\Models\Role;
use App\Models\SupplierPrice;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Config;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Schemas;
use Tests\TestCase;

/** What a trouble asks for is ordered once, whatever the supplier does meanwhile. */
final class PartOrderTest extends TestCase
{
    private string $change = '';

    protected function tearDown(): void
    {
        StandIn::supplier()->behave('ok');
        parent::tearDown();
    }

    public function testAPartIsOrderedOnceAndTheOrderIsInTheRecord(): void
    {
        $t = $this->torn();
        $path = "/jobs/$t->job/troubles/$this->change";
        $this->ask('GET', "$path/offers", status: 200)->assertJsonPath('goodAt', null);
        $offers = (array) $this->ask('POST', "$path/offers", status: 200)
            ->assertJsonPath('fault', null)
            ->json('offers');
        self::assertCount(2, $offers);
        $offer = $offers[1];
        self::assertIsArray($offer);
        self::assertIsInt($offer['leadDays']);
        $body = ['id' => $this->newId(), 'sku' => $offer['sku']];
        foreach (['once', 'twice'] as $time) {
            $order = $this->ask('PUT', "$path/order", $body, 200)
                ->assertJsonPath('state', 'ordered')
                ->assertJsonPath('id', $body['id'])
                ->assertJsonPath('price', $offer['price']);
            self::assertSame(
                Carbon::today()->addDays($offer['leadDays'])->toDateString(),
                $order->json('dueOn'),
                $time,
            );
        }
        self::assertSame(1, PartOrder::query()->count());
        $this->ask('PUT', "$path/order", ['id' => $this->newId()] + $body, 409)->assertJsonPath(
            'code',
            'not-reachable',
        );
        $happened = $this->ask('GET', "/jobs/$t->job/troubles", status: 200);
        self::assertSame(
            ['earpiece-flex', 'ordered'],
            [$happened->json('data.0.part.id'), $happened->json('data.0.order.state')],
        );
        $export = $this->ask('GET', "/jobs/$t->job/export.json", status: 200);
        self::assertSame(
            [],
            Schemas::faults(json_decode((string) $export->baseResponse->getContent()), 'schemas/job.schema.json'),
        );
        self::assertSame(
            [$offer['sku'], null],
            [$export->json('earlierPlans.0.order.sku'), $export->json('earlierPlans.0.agreed')],
        );
    }

    #[TestWith(['down', 'refused'])]
    #[TestWith(['wrong', 'nonsense'])]
    #[TestWith(['garbled', 'nonsense'])]
    #[TestWith(['slow', 'unreachable'])]
    public function testAnOrderThatGetsNoGoodAnswerStaysAskedForAndIsTriedAgain(string $mode, string $fault): void
    {
        $t = $this->torn();
        $path = "/jobs/$t->job/troubles/$this->change";
        $sku = $this->ask('POST', "$path/offers", status: 200)->json('offers.0.sku');
        $other = $this->ask('GET', "$path/offers", status: 200)->json('offers.1.sku');
        $first = $this->newId();
        StandIn::supplier()->behave($mode);
        Config::set('facelift.patience', 0.4);
        $this->ask('PUT', "$path/order", ['id' => $first, 'sku' => $sku], 200)
            ->assertJsonPath('state', 'asked')
            ->assertJsonPath('fault', $fault)
            ->assertJsonPath('reference', null);
        // It may have got through: neither another part nor another order may stand beside it.
        $this->ask('PUT', "$path/order", ['id' => $this->newId(), 'sku' => $other], 409);
        StandIn::supplier()->behave('ok');
        Config::set('facelift.patience', 2.0);
        $again = $this->ask('PUT', "$path/order", ['id' => $this->newId(), 'sku' => $sku], 200)
            ->assertJsonPath('state', 'ordered')
            ->assertJsonPath('id', $first)
            ->assertJsonPath('fault', null);
        self::assertSame('B-' . substr($first, 0, 8), $again->json('reference'), 'under its first id');
        self::assertSame(1, PartOrder::query()->count());
    }

    public function testAPriceThatHasMovedIsNotPaidAndAnotherOfferCanBeTaken(): void
    {
        $t = $this->torn();
        $path = "/jobs/$t->job/troubles/$this->change";
        $sku = $this->ask('POST', "$path/offers", status: 200)->json('offers.0.sku');
        SupplierPrice::query()->update([
            'offers' => json_encode([
                ['sku' => $sku, 'name' => 'Cheaper once', 'price' => '0.50', 'stock' => 1, 'leadDays' => 1],
            ]),
        ]);
        $this->ask('PUT', "$path/order", ['id' => $this->newId(), 'sku' => $sku], 409)->assertJsonPath(
            'code',
            'not-reachable',
        );
        self::assertSame(0, PartOrder::query()->count(), 'a no is no order');
        $other = $this->ask('POST', "$path/offers", status: 200)->json('offers.1.sku');
        $this->ask('PUT', "$path/order", ['id' => $this->newId(), 'sku' => $other], 200)
            ->assertJsonPath('state', 'ordered')
            ->assertJsonPath('sku', $other);
    }

    public function testOnlyWhatIsOfferedAndAskedForCanBeOrderedByThoseWhoWork(): void
    {
        $t = $this->torn();
        $path = "/jobs/$t->job/troubles/$this->change";
        $body = ['id' => $this->newId(), 'sku' => 'N-000000'];
        $this->ask('PUT', "$path/order", $body, 409)->assertJsonPath('code', 'not-reachable');
        $this->ask('PUT', "$path/order", ['sku' => ''] + $body, 422)->assertJsonValidationErrors(['sku']);
        $this->ask('PUT', "$path/order", ['id' => 'one'] + $body, 422)->assertJsonValidationErrors(['id']);
        $this->ask('GET', "/jobs/$t->job/troubles/{$this->newId()}/offers", status: 404);
        $lost = $this->newId();
        $this->ask(
            'POST',
            "/jobs/$t->job/troubles",
            [
                'id' => $lost,
                'at' => $t->now(),
                'step' => 'unscrew:tail-screws',
                'trouble' => 'screw-lost',
                'subject' => 'tail-screws',
            ],
            200,
        );
        $this->ask('GET', "/jobs/$t->job/troubles/$lost/offers", status: 409)->assertJsonPath('code', 'not-reachable');
        $this->as(Role::FrontDesk);
        $this->ask('PUT', "$path/order", $body, 403);
        $this->ask('POST', "$path/offers", status: 403);
        $this->ask('GET', "$path/offers", status: 200);
        self::assertSame(0, PartOrder::query()->count());
    }

    private function torn(): Technician
    {
        $this->as(Role::Technician);
        $this->shelf();
        StandIn::supplier()->behave('ok');
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $this->change = $this->newId();
        $this->ask(
            'POST',
            "/jobs/$t->job/troubles",
            [
                'id' => $this->change,
                'at' => $t->now(),
                'step' => 'part-bond:sensor-glue',
                'trouble' => 'flex-torn',
                'subject' => 'earpiece-flex',
            ],
            200,
        );

        return $t;
    }
}
