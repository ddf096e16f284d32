<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use Facelift\Tests\Calendar\ICalendarTest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Tests\TestCase;

/** The day as a calendar, in the shop's own zone, for whoever has its address. */
final class CalendarTest extends TestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function testPromisesAndTheDayAreReadByAReaderThatIsNotOurs(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        // The clocks are put back in the night before.
        Carbon::setTestNow(Carbon::parse('2026-10-26 09:30', 'Europe/Berlin'));
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass'], 'Nobody Knows');
        $t->planned('display-assembly', 'S-101');
        $job = Job::query()->findOrFail($t->job);
        $text = (string) $this->ask('GET', '/day.ics', [], 200)->baseResponse->getContent();
        self::assertStringNotContainsString('Nobody', $text, 'no customer is named');
        $events = collect(ICalendarTest::read($text));
        $promise = $events->firstWhere('summary', $job->tag() . ' promised');
        self::assertSame(
            $job->promised_at?->setTimezone('Europe/Berlin')->toIso8601String(),
            data_get($promise, 'from'),
        );
        $work = $events->firstWhere('summary', $job->tag() . ': Test owner');
        self::assertSame('2026-10-26T09:30:00+01:00', data_get($work, 'from'));

        // Another zone, set by the owner, is used at once.
        $kept = $this->ask('GET', '/shop', [], 200);
        $settings = ['zone' => 'America/New_York'] + (array) $kept->json('settings');
        $this->ask('PUT', '/shop', ['version' => 1, 'settings' => $settings], 200);
        $there = ICalendarTest::read((string) $this->ask('GET', '/day.ics', [], 200)->baseResponse->getContent());
        self::assertStringEndsWith('-04:00', $there[0]['from'], 'summer time ends a week later there');
        self::assertSame('America/New_York', $this->ask('GET', '/me', [], 200)->json('shop.zone'));
    }

    public function testTheAddressIsTheOwnersToChangeAndTheOldOneGivesNothing(): void
    {
        $this->as(Role::Technician);
        $this->ask('POST', '/day/address', [], 403);
        $this->as(Role::Owner);
        $this->ask('GET', '/day/address', [], 200)->assertJsonPath('address', null);
        $first = $this->ask('POST', '/day/address', [], 200)->json('address');
        $second = $this->ask('POST', '/day/address', [], 200)->json('address');
        self::assertIsString($first);
        self::assertIsString($second);
        Auth::forgetGuards();
        $this->flushSession();
        $this->get($first)->assertNotFound();
        $answer = $this->get($second)->assertOk();
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\n", (string) $answer->baseResponse->getContent());
        self::assertSame([], $answer->baseResponse->headers->getCookies(), 'a reader gets no session');
        $this->get('/calendar/' . str_repeat('0', 40) . '.ics')->assertNotFound();
        $this->getJson('/api/day.ics')->assertUnauthorized();
    }
}
