<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Node\RequestCounts;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Requests are counted for all web nodes, and held back when they are too many. */
final class ThrottleTest extends TestCase
{
    public function testACountBeginsAnewWhenItsTimeIsOver(): void
    {
        $this->travelTo(Carbon::parse('2026-11-26 10:00:00'));
        $counts = new RequestCounts();
        self::assertSame([1, 60], $counts->hit('one', 60));
        $this->travelTo(Carbon::parse('2026-11-26 10:00:45'));
        self::assertSame([2, 15], $counts->hit('one', 60));
        self::assertSame([1, 60], $counts->hit('another', 60));
        $this->travelTo(Carbon::parse('2026-11-26 10:01:00'));
        self::assertSame([1, 60], $counts->hit('one', 60));
        self::assertSame(2, DB::table('request_counts')->count());
        $this->travelTo(Carbon::parse('2026-11-26 11:00:00'));
        self::assertSame([1, 60], $counts->hit('third', 60));
        self::assertSame(['third'], DB::table('request_counts')->pluck('name')->all(), 'what is over goes');
    }

    public function testTheAnswerSaysHowManyAreLeftAndWhenToComeAgain(): void
    {
        $user = $this->as(Role::Owner);
        $this->ask('PUT', '/rules', [], 422)
            ->assertHeader('X-RateLimit-Limit', '1500')
            ->assertHeader('X-RateLimit-Remaining', '1499');
        DB::table('request_counts')->update(['hits' => 1500]);
        $answer = $this->putJson('/api/rules')->assertStatus(429);
        $wait = (string) $answer->headers->get('Retry-After');
        self::assertSame("More than 1500 requests at once: wait $wait s.", $answer->json('message'));
        $this->ask('GET', '/me', status: 200)->assertJsonPath('name', $user->name);
    }
}
