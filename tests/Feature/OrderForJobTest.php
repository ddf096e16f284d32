<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\PartOrder;
use App\Models\Role;
use App\Models\ShelfItem;
use Illuminate\Support\Carbon;
use Tests\TestCase;

/** A part that is not on the shelf is ordered for a job; promise and day follow when it comes. */
final class OrderForJobTest extends TestCase
{
    protected function tearDown(): void
    {
        StandIn::supplier()->behave('ok');
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function testItIsOrderedQuotedPromisedAndTakenInAndTheBenchWaitsForIt(): void
    {
        $t = $this->atPart();
        $offer = $this->offer($t);
        $this->ask('GET', "/jobs/$t->job/quote", [], 409);
        $body = ['id' => $this->newId(), 'sku' => $offer['sku']];
        $this->ask('PUT', "/jobs/$t->job/order", $body, 200)->assertJsonPath('state', 'ordered');
        $order = $this->ask('PUT', "/jobs/$t->job/order", $body, 200)->assertJsonPath('state', 'ordered');
        self::assertSame(1, PartOrder::query()->count());
        $onItsWay = ShelfItem::query()->where('state', 'ordered')->sole();
        // Who sells it is the offer's own word, not a piece of its name.
        self::assertSame('Oskarrin Screen Trade', $order->json('supplier'));
        self::assertSame('Oskarrin Screen Trade', $onItsWay->supplier);
        $due = self::moment($order->json('dueOn'));

        // Its price and its arrival are what the customer hears.
        $t->goesOn();
        $option = $this->ask('GET', "/jobs/$t->job/quote", [], 200)->json('options.0');
        $promise = self::moment(data_get($option, 'promise'));
        $noon = $due->copy()->setTime(12, 0);
        $part = collect((array) data_get($option, 'promiseFrom.movedBy'))->firstWhere('what', 'part');
        self::assertTrue(self::moment(data_get($part, 'until'))->equalTo($noon->shiftTimezone('Europe/Berlin')));
        self::assertTrue($promise->greaterThan($noon), 'nobody works on a part that is not here');
        self::assertTrue($promise->lessThan($due->copy()->addDays(2)));
        $t->accept('display-assembly');
        $stations = collect((array) $this->ask('GET', "/jobs/$t->job", [], 200)->json('stations'))->keyBy('id');
        self::assertTrue(data_get($stations, 'plan.reachable'));
        self::assertFalse(data_get($stations, 'bench.reachable'));
        $why = data_get($stations, 'bench.why');
        self::assertIsString($why);
        self::assertMatchesRegularExpression('/^S-\d+ is on its way\.$/', $why);
        $this->ask('GET', '/day', [], 200)
            ->assertJsonPath('phones.0.waits', 'part')
            ->assertJsonPath('phones.0.comesOn', $due->toDateString());

        // The supplier names another day: what was promised moves, and somebody is to be called.
        $late = $due->copy()->addDays(3);
        $this->ask('PUT', "/orders/{$body['id']}/due", ['dueOn' => 9_223_372_036_854_775_807], 422);
        $this->ask('PUT', "/orders/{$body['id']}/due", ['dueOn' => $late->toDateString()], 200);
        $day = $this->ask('GET', '/day', [], 200);
        self::assertGreaterThan($late->getTimestampMs(), $day->json('phones.0.call'));

        // Overdue, it is said so; nobody knows when it comes.
        Carbon::setTestNow($late->copy()->addDay()->setTime(10, 0));
        $this->ask('GET', '/day', [], 200)->assertJsonPath('phones.0.waits', 'overdue-part');
        $row = $this->ask('GET', '/orders', [], 200)->json('data.0');
        self::assertTrue(data_get($row, 'overdue'));

        // What does not fit the phone is not taken in for it.
        $other = ['connector' => 'QG-52P'] + self::fields($offer['name']);
        $this->ask('PUT', "/orders/{$body['id']}/arrival", $other, 422);
        self::assertSame(1, ShelfItem::query()->where('state', 'ordered')->count());
        $this->ask('PUT', "/orders/{$body['id']}/arrival", self::fields($offer['name']), 200)
            ->assertJsonPath('state', 'arrived');
        $this->ask('PUT', "/orders/{$body['id']}/arrival", self::fields($offer['name']), 200);
        $this->ask('GET', '/orders', [], 200)->assertJsonPath('data', []);
        $job = $this->ask('GET', "/jobs/$t->job", [], 200);
        self::assertSame(['new', 'B-77', 'A9'], [
            $job->json('part.state'), $job->json('part.batch'), $job->json('part.place'),
        ]);
        self::assertTrue(data_get(collect((array) $job->json('stations'))->keyBy('id'), 'plan.reachable'));
        $this->ask('GET', '/day', [], 200)->assertJsonPath('phones.0.waits', null);
    }

    /** Two at the counter: one of them orders, the other is told. */
    public function testTwoClerksOrderForOneJobAndOnePartIsOrdered(): void
    {
        $t = $this->atPart();
        $offer = $this->offer($t);
        $this->ask('PUT', "/jobs/$t->job/order", ['id' => $this->newId(), 'sku' => $offer['sku']], 200);
        $this->as(Role::FrontDesk);
        $this->ask('PUT', "/jobs/$t->job/order", ['id' => $this->newId(), 'sku' => $offer['sku']], 409)
            ->assertJsonPath('message', $offer['sku'] . ' is ordered already.');
        self::assertSame(1, PartOrder::query()->count());
        self::assertSame(1, ShelfItem::query()->where('state', 'ordered')->count());
    }

    /** The last one of an offer, for two jobs: the supplier has it once. */
    public function testWithoutAnAnswerItStaysAskedAndOnceAnsweredItIsOne(): void
    {
        $t = $this->atPart();
        $offer = $this->offer($t);
        $body = ['id' => $this->newId(), 'sku' => $offer['sku']];
        StandIn::supplier()->behave('down');
        $this->ask('PUT', "/jobs/$t->job/order", $body, 200)->assertJsonPath('state', 'asked');
        self::assertSame(0, ShelfItem::query()->where('state', 'ordered')->count(), 'nothing is said to be on its way');
        StandIn::supplier()->behave('ok');
        $this->ask('PUT', "/jobs/$t->job/order", $body, 200)->assertJsonPath('state', 'ordered');
        self::assertSame(1, ShelfItem::query()->where('state', 'ordered')->count());
    }

    public function testWhatCameWrongGoesBackAndWhatNeverComesIsGivenUp(): void
    {
        $t = $this->atPart();
        $offer = $this->offer($t);
        $first = $this->newId();
        $this->ask('PUT', "/jobs/$t->job/order", ['id' => $first, 'sku' => $offer['sku']], 200);
        $wrong = ['id' => $this->newId(), 'reason' => 'It is for another model.'];
        $this->ask('PUT', "/orders/$first/wrong", $wrong, 200)->assertJsonPath('state', 'failed');
        $this->ask('PUT', "/orders/$first/wrong", $wrong, 200)->assertJsonPath('state', 'failed');
        $returns = $this->ask('GET', '/returns', [], 200);
        self::assertSame('It is for another model.', $returns->json('data.0.reason'));
        $this->ask('GET', "/jobs/$t->job", [], 200)->assertJsonPath('part', null);

        $second = $this->newId();
        $this->ask('PUT', "/jobs/$t->job/order", ['id' => $second, 'sku' => $offer['sku']], 200);
        $this->ask('PUT', "/orders/$second/loss", [], 200)->assertJsonPath('state', 'failed');
        self::assertSame(0, ShelfItem::query()->where('state', 'ordered')->count());
        $this->ask('PUT', "/orders/$second/arrival", self::fields($offer['name']), 409);
        $this->ask('PUT', "/jobs/$t->job/order", ['id' => $this->newId(), 'sku' => $offer['sku']], 200);
    }

    /** The phone comes on Thursday; until then it is quoted and promised, and nobody works on it. */
    public function testAJobMayExistBeforeItsPhone(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        Carbon::setTestNow(Carbon::parse('2026-11-24 10:00', 'Europe/Berlin'));
        $id = $this->newId();
        $new = [
            'id' => $id, 'phone' => 'quillon-vesper', 'modelCode' => 'QV-2110', 'colour' => null,
            'customer' => 'By Post', 'imei' => null, 'comesOn' => '2026-11-26',
        ];
        $this->ask('POST', '/jobs', ['comesOn' => '2026-11-20'] + $new, 422);
        $this->ask('POST', '/jobs', $new, 201)->assertJsonPath('comesOn', '2026-11-26');
        $t = new Technician($this, $id);
        $t->change('check-in', ['condition' => Technician::condition(['cracked-glass'])]);
        $t->planned('display-assembly', 'S-101');
        $job = $this->ask('GET', "/jobs/$id", [], 200);
        self::assertGreaterThan('2026-11-26T08:00:00Z', $job->json('promisedAt'));
        $bench = collect((array) $job->json('stations'))->firstWhere('id', 'bench');
        self::assertSame('The phone comes on 26 Nov.', data_get($bench, 'why'));
        $this->ask('GET', '/day', [], 200)->assertJsonPath('phones.0.waits', 'phone');
        $here = ['version' => $job->json('version'), 'comesOn' => null];
        $this->ask('PUT', "/jobs/$id/phone", $here, 200)->assertJsonPath('comesOn', null);
        $this->ask('PUT', "/jobs/$id/phone", $here, 200);
        $this->ask('GET', '/day', [], 200)->assertJsonPath('phones.0.waits', null);
    }

    private function atPart(): Technician
    {
        $this->as(Role::Technician);
        Carbon::setTestNow(Carbon::parse('2026-11-24 10:00', 'Europe/Berlin'));
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->change('scope', ['kind' => 'display-assembly', 'reason' => null]);

        return $t;
    }

    private static function moment(mixed $text): Carbon
    {
        self::assertIsString($text);

        return Carbon::parse($text, 'Europe/Berlin');
    }

    /** @return array{sku: string, name: string} the second of the supplier's offers */
    private function offer(Technician $t): array
    {
        $offer = $this->ask('POST', "/jobs/$t->job/supplier", [], 200)->json('offers.1');
        self::assertIsString(data_get($offer, 'sku'));
        self::assertIsString(data_get($offer, 'name'));

        /** @var array{sku: string, name: string} $offer */
        return $offer;
    }

    /** @return array<string, mixed> as it lies in somebody's hands */
    private static function fields(string $name): array
    {
        return [
            'version' => 1, 'name' => $name, 'kind' => 'display-assembly', 'modelCodes' => ['QV-2110'],
            'connector' => 'QV-46P', 'technology' => 'oled', 'colour' => null, 'refresh' => 60, 'brings' => [],
            'supplier' => 'Oskarrin Screen Trade', 'batch' => 'B-77', 'state' => 'new', 'place' => 'A9',
        ];
    }
}
