<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Audit;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use LogicException;
use Tests\TestCase;

/** Who changed what, when, from what to what, for everything outside the bench. */
final class AuditTest extends TestCase
{
    public function testAJobLeavesALineForEveryDecision(): void
    {
        $user = $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $t->workThrough();
        $before = Audit::query()->count();
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        $lines = Audit::query()->where('about', 'job')->where('of', $t->job)->orderBy('id')->get();
        self::assertSame('made', $lines[0]?->act->value);
        $fields = $lines->map(static fn(Audit $a): array => array_column($a->changes, 0))->flatten();
        foreach (['condition', 'kind', 'quote', 'accepted_at', 'handed_over_at', 'closed_as'] as $decided) {
            self::assertContains($decided, $fields);
        }
        self::assertNotContains('next_step', $fields, 'the bench has a record of its own');
        self::assertGreaterThan($before, Audit::query()->count());
        self::assertSame([$user->id], $lines->pluck('user_id')->unique()->values()->all());
        self::assertSame('T-0301', $lines[0]->name);
        $part = Audit::query()->where('about', 'part')->where('act', 'changed')->orderBy('id')->firstOrFail();
        self::assertContains(['job_id', null, 'T-0301'], $part->changes, 'as people call it');
    }

    /** Of what is kept as one document only what differs is written down, by its place. */
    public function testOfSettingsALineSaysWhichOfThem(): void
    {
        $this->as(Role::Technician);
        $this->as(Role::Owner);
        $settings = (array) $this->ask('GET', '/shop', [], 200)->json('settings');
        data_set($settings, 'equipment.charger', 4);
        data_set($settings, 'week.5.open.0', '09:00–15:00');
        data_set($settings, 'closed', ['2026-12-24']);
        $this->ask('PUT', '/shop', ['version' => 1, 'settings' => $settings], 200);
        $changes = Audit::query()->where('about', 'shop')->orderByDesc('id')->firstOrFail()->changes;
        self::assertEqualsCanonicalizing([
            ['settings.equipment.charger', '3', '4'],
            ['settings.week.5.open.0', '09:00–14:00', '09:00–15:00'],
            ['settings.closed.0', null, '2026-12-24'],
        ], $changes);
    }

    public function testALineSaysFromWhatToWhatAndNoSecret(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $item = ShelfItem::query()->where('label', 'S-101')->firstOrFail();
        $from = $item->place;
        $item->update(['place' => 'Z9']);
        self::assertSame([['place', $from, 'Z9']], Audit::query()->latest('id')->firstOrFail()->changes);
        $somebody = User::query()->create(
            ['name' => 'A', 'email' => 'a@stall.example', 'password' => 'x', 'role' => Role::Owner],
        );
        $somebody->forceFill(['password' => 'a secret nobody reads', 'totp_secret' => 'GEZDGNBV'])->save();
        $kept = (string) json_encode(DB::table('audits')->get());
        self::assertStringNotContainsString('a secret nobody reads', $kept);
        self::assertStringNotContainsString('$2y$', $kept);
        self::assertStringNotContainsString('GEZDGNBV', $kept);
        $last = Audit::query()->latest('id')->firstOrFail();
        self::assertEqualsCanonicalizing(['password', 'totp_secret'], array_column($last->changes, 0));
    }

    public function testWhatIsUndoneWithItsTransactionLeavesNoLine(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $before = Audit::query()->count();
        try {
            DB::transaction(static function (): void {
                ShelfItem::query()->firstOrFail()->update(['place' => 'Q1']);
                throw new LogicException('not after all');
            });
        } catch (LogicException) {
            self::assertSame($before, Audit::query()->count());
        }
        // Nothing changes a line any more.
        $this->expectException(LogicException::class);
        Audit::query()->firstOrFail()->update(['name' => 'another']);
    }

    public function testTheOwnerReadsItPageByPageAndTakesItAlong(): void
    {
        $this->as(Role::Owner);
        for ($i = 0; $i < 60; ++$i) {
            $tube = ['kind' => 'glue', 'name' => "=Tube $i", 'left' => 5];
            $this->ask('PUT', '/supplies/' . $this->newId(), $tube, 201);
        }
        $first = $this->ask('GET', '/audit', status: 200);
        self::assertCount(50, (array) $first->json('data'));
        self::assertTrue($first->json('more'));
        $last = $first->json('data.49.id');
        self::assertIsInt($last);
        $next = $this->ask('GET', "/audit?before=$last", status: 200);
        self::assertLessThan($last, $next->json('data.0.id'));
        self::assertSame([], $this->ask('GET', '/audit?about=claim', status: 200)->json('data'));
        $this->ask('GET', '/audit?about=secrets', status: 422);
        $csv = $this->get('/api/audit.csv', ['Accept' => 'text/csv'])->streamedContent();
        self::assertStringContainsString("supply,'=Tube 7,made,name,,'=Tube 7", $csv, 'no formula gets into a table');
    }
}
