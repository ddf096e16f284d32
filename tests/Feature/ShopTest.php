<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\ShopDay;
use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use Illuminate\Support\Carbon;
use Tests\TestCase;

/** When the shop is open and what it has: promises keep to it. */
final class ShopTest extends TestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function testTheOwnerSetsIt(): void
    {
        $technician = $this->as(Role::Technician);
        $this->as(Role::FrontDesk);
        $kept = $this->ask('GET', '/shop', [], 200);
        $kept->assertJsonPath('settings.people.0.person', (string) $technician->id);
        $settings = (array) $kept->json('settings');
        $one = ['version' => 1, 'settings' => ['certainty' => 95] + $settings];
        $this->ask('PUT', '/shop', $one, 403);
        $this->as(Role::Owner);
        $this->ask('PUT', '/shop', $one, 200)->assertJsonPath('version', 2);
        $this->ask('PUT', '/shop', $one, 200)->assertJsonPath('version', 2);
        $this->ask('PUT', '/shop', ['version' => 1, 'settings' => ['certainty' => 90] + $settings], 409);
    }

    public function testWhatCannotBeIsRefusedByItsPlaceAndNothingIsKept(): void
    {
        $this->as(Role::Owner);
        $usual = (array) $this->ask('GET', '/shop', [], 200)->json('settings');
        foreach ([
            ['week.0.open.1', '12:00–18:00', 'week[0].open[1]'],
            ['week.0.open.0', '13:00–09:00', 'week[0].open[0]'],
            ['week.2.open.0', 'morning', 'week[2].open[0]'],
            ['closed', ['2026-02-30'], 'closed[0]'],
            ['people', [], 'people'],
            ['people.0.pace', 9, 'people[0].pace'],
            ['zone', 'Lindenhalt', 'zone'],
            ['dates', 'English', 'dates'],
            ['certainty', 100, 'certainty'],
            ['week', [['day' => 1, 'open' => []]], 'week'],
        ] as [$path, $value, $place]) {
            $settings = $usual;
            data_set($settings, $path, $value);
            $answer = $this->ask('PUT', '/shop', ['version' => 1, 'settings' => $settings], 422);
            self::assertArrayHasKey($place, (array) $answer->json('errors'), $path);
        }
        $this->ask('GET', '/shop', [], 200)->assertJsonPath('settings', $usual)->assertJsonPath('version', 1);
    }

    /** A stall in a market is not asked for a phone at a quarter past four in the morning. */
    public function testAPromiseLiesInOpeningHoursAndWaitsForWhoWasPromisedBefore(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        Carbon::setTestNow(Carbon::parse('2026-11-26 18:05', 'Europe/Berlin'));
        $first = new Technician($this, $this->newId());
        $first->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $first->change('scope', ['kind' => 'display-assembly', 'reason' => null]);
        $first->change('part', ['item' => ShelfItem::query()->where('label', 'S-103')->firstOrFail()->id]);
        $quote = $this->ask('GET', "/jobs/$first->job/quote", [], 200)->json();
        $ready = self::moment($quote);
        self::assertSame('2026-11-27', $ready->toDateString(), 'it shuts in 25 minutes');
        self::assertGreaterThanOrEqual('09:00', $ready->format('H:i'));
        self::assertLessThanOrEqual('13:00', $ready->format('H:i'));
        self::assertContains($ready->minute, [0, 15, 30, 45]);
        self::assertSame(0, data_get($quote, 'options.0.promiseFrom.ahead'));

        // One technician, and two phones that were promised before.
        $settings = (array) $this->ask('GET', '/shop', [], 200)->json('settings');
        foreach (['S-101', 'S-102'] as $label) {
            $other = new Technician($this, $this->newId());
            $other->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
            $other->planned('display-assembly', $label);
        }
        $kept = Job::query()->whereNotNull('remaining')->count();
        self::assertSame(2, $kept, 'what is left of each is known without its plan');
        $later = $this->ask('GET', "/jobs/$first->job/quote", [], 200)->json();
        self::assertSame(2, data_get($later, 'options.0.promiseFrom.ahead'));
        $then = self::moment($later);
        self::assertGreaterThan($ready->getTimestamp(), $then->getTimestamp());
        self::assertTrue(app(ShopDay::class)->shop()->bench->hours->isOpen($then->getTimestampMs() - 1));
        // The holiday moves it.
        $settings['closed'] = ['2026-11-27'];
        $this->ask('PUT', '/shop', ['version' => 1, 'settings' => $settings], 200);
        $saturday = $this->ask('GET', "/jobs/$first->job/quote", [], 200)->json();
        self::assertSame('2026-11-28', self::moment($saturday)->toDateString());
    }

    /** What nobody who is there may do is not promised, on the page and on paper, and the day says so. */
    public function testWhatNobodyMayDoIsNotPromised(): void
    {
        $technician = $this->as(Role::Technician);
        $this->as(Role::Owner);
        $this->shelf();
        Carbon::setTestNow(Carbon::parse('2026-11-26 10:05', 'Europe/Berlin'));
        $keep = ['name' => $technician->name, 'role' => 'technician', 'version' => 1, 'disabled' => false];
        $this->ask('PUT', "/accounts/$technician->id", $keep + ['rights' => []], 200);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->change('scope', ['kind' => 'glass-only', 'reason' => null]);
        $glass = ShelfItem::query()->where('kind', 'glass-only')->firstOrFail();
        $t->change('part', ['item' => $glass->id]);
        $quote = $this->ask('GET', "/jobs/$t->job/quote", [], 200);
        self::assertNull($quote->json('options.0.promise'), 'its glue is cured under UV');
        $this->get("/api/jobs/$t->job/quote.pdf")->assertOk();
        $t->accept('glass-only');
        $this->ask('GET', "/jobs/$t->job", [], 200)->assertJsonPath('promisedAt', null);
        $this->ask('GET', '/day', [], 200)
            ->assertJsonPath('phones.0.stuck', true)
            ->assertJsonPath('phones.0.readyAt', null);
    }

    private static function moment(mixed $quote): Carbon
    {
        $at = data_get($quote, 'options.0.promise');
        self::assertIsString($at);

        return Carbon::parse($at)->setTimezone('Europe/Berlin');
    }
}
