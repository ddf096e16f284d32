<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\Role;
use Facelift\Bench\EventType;
use Tests\TestCase;

/** When something is said to have happened: by a clock that is off it is set right, and what cannot be is refused. */
final class MomentTest extends TestCase
{
    public function testWhatWouldLieAheadOrBeforeTheJobIsRefusedWithTheDifference(): void
    {
        $t = $this->atBench();
        $now = now()->getTimestampMs();
        $ahead = ['at' => $now + 3_600_000] + $t->event('step-done', ['step' => 'power-off']);
        $good = ['at' => $now] + $t->event('step-done', ['step' => 'power-off']);
        $answer = $t->send([$ahead, $good]);
        self::assertSame([$good['id']], $answer['accepted'], 'the others are kept');
        self::assertSame('clock-ahead', data_get($answer, 'refused.0.reason.code'));
        self::assertEqualsWithDelta(3600, data_get($answer, 'refused.0.reason.figures.seconds'), 2);

        $opened = Job::query()->findOrFail($t->job)->created_at->getTimestampMs();
        $before = ['at' => $opened - 600_000] + $t->event('timer-started', ['step' => 'power-off']);
        self::assertSame('before-job', data_get($t->send([$before]), 'refused.0.reason.code'));
        // The same again stays known, whatever the clock shows by then.
        self::assertSame([], $t->send([$good])['refused']);

        $trouble = ['id' => $this->newId(), 'at' => 4_000_000_000_000, 'step' => 'x', 'trouble' => 'flex-torn']
            + ['subject' => 'earpiece-flex'];
        $this->ask('POST', "/jobs/$t->job/troubles", $trouble, 422)->assertJsonValidationErrors(['at']);
        $drag = ['id' => $this->newId(), 'at' => 4_000_000_000_000, 'step' => 'x', 'mm' => 3];
        $this->ask('POST', "/jobs/$t->job/drags", $drag, 422)->assertJsonValidationErrors(['at']);
    }

    public function testAClockThatIsOffIsSetRightByWhatItShows(): void
    {
        $t = $this->atBench();
        // 40 days ahead: done ten seconds before it was sent.
        $off = 40 * 86_400_000;
        $now = now()->getTimestampMs();
        $event = ['at' => $now + $off - 10_000] + $t->event('step-done', ['step' => 'power-off']);
        $sent = ['events' => [$event], 'sentAt' => $now + $off];
        self::assertSame([$event['id']], $this->ask('POST', "/jobs/$t->job/events", $sent, 200)->json('accepted'));
        $kept = BenchEvent::query()->findOrFail($event['id'])->at;
        self::assertEqualsWithDelta($now - 10_000, $kept, 5_000);

        // A clock that is right changes nothing, also if the request took its time.
        $second = ['at' => $now - 7] + $t->event('problem', ['step' => 'power-off', 'text' => 'as before']);
        $this->ask('POST', "/jobs/$t->job/events", ['events' => [$second], 'sentAt' => $now - 3000], 200);
        self::assertSame($now - 7, BenchEvent::query()->findOrFail($second['id'])->at);
        $this->ask('POST', "/jobs/$t->job/events", ['events' => [$second], 'sentAt' => 'noon'], 422)
            ->assertJsonValidationErrors(['sentAt']);
    }

    public function testAnEventThatSaysNothingIsRefusedAndTheOthersAreKept(): void
    {
        $t = $this->atBench();
        $good = ['at' => now()->getTimestampMs()] + $t->event('step-done', ['step' => 'power-off']);
        foreach (EventType::cases() as $type) {
            $bare = ['at' => now()->getTimestampMs(), 'data' => new \stdClass()] + $t->event($type->value, []);
            $sent = $this->ask('POST', "/jobs/$t->job/events", ['events' => [$bare, $good]], 200);
            self::assertContains($good['id'], [...(array) $sent->json('accepted')], $type->value);
        }
    }

    public function testOnlyTechniciansSay(): void
    {
        $t = $this->atBench();
        $this->as(Role::FrontDesk);
        $event = $t->event('step-done', ['step' => 'power-off']);
        $this->ask('POST', "/jobs/$t->job/events", ['events' => [$event], 'sentAt' => 1], 403);
    }
}
