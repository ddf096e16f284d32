<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\Models\RollCut;
use App\Models\ShelfItem;
use App\Models\Supply;
use App\Models\SupplyUse;
use Facelift\Anatomy\ReplacementKind;
use Tests\TestCase;

final class SupplyTest extends TestCase
{
    public function testASupplyIsKeptOnceAndCounted(): void
    {
        $this->as(Role::Technician);
        $id = $this->kept('glue', 'Clear 50', 50.0);
        $this->ask('PUT', "/supplies/$id", ['kind' => 'glue', 'name' => 'Clear 50', 'left' => 50], 200);
        self::assertSame(1, Supply::query()->count());
        $this->ask('PUT', "/supplies/$id", ['kind' => 'pick', 'name' => 'Clear 50', 'left' => 50], 409);
        $this->ask('PUT', '/supplies/' . $this->newId(), ['kind' => 'glue', 'name' => 'Clear 50', 'left' => 9], 409);
        $this->ask('PUT', '/supplies/' . $this->newId(), ['kind' => 'tape', 'name' => 'x', 'left' => -1], 422)
            ->assertJsonValidationErrors(['kind', 'name', 'left']);
        // Counted: what is there in fact. Against an old figure nothing is written over.
        $this->ask('PUT', "/supplies/$id/count", ['left' => 41.5, 'shown' => 50], 200)->assertJsonPath('left', 41.5);
        $this->ask('PUT', "/supplies/$id/count", ['left' => 41.5, 'shown' => 50], 200);
        $this->ask('PUT', "/supplies/$id/count", ['left' => 30, 'shown' => 50], 409)
            ->assertJsonPath('code', 'stale-version');
        $this->as(Role::FrontDesk);
        self::assertSame(41.5, $this->ask('GET', '/supplies', status: 200)->json('data.0.left'));
        $this->ask('PUT', "/supplies/$id/count", ['left' => 1, 'shown' => 41.5], 403);
        $this->ask('DELETE', "/supplies/$id", status: 403);
        $this->as(Role::Technician);
        $this->ask('DELETE', "/supplies/$id", status: 204);
        self::assertSame(0, Supply::query()->count());
    }

    /** Through a whole job what is booked out is what the price reckoned with: the joint of quote and bench. */
    public function testABenchBooksOutWhatTheQuoteReckonedWith(): void
    {
        $this->as(Role::Technician);
        foreach ([1.0, 1.5, 2.0, 3.0, 5.0] as $width) {
            $roll = ['name' => "Black $width", 'width' => $width, 'thickness' => 0.3, 'gives' => 0.2, 'left' => 20_000];
            $this->ask('PUT', '/rolls/' . $this->newId(), $roll, 201);
        }
        $this->kept('glue', 'Clear', 10.0);
        $this->kept('blade', 'Thin blades', 10.0);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', 'BF5-E', ['cracked-glass']);
        $t->planned('display-assembly', 'S-201');
        $quote = Job::query()->findOrFail($t->job)->quote;
        self::assertNotNull($quote);
        $reckoned = [];
        foreach ($quote->charge->inside->lines as $line) {
            $reckoned[$line->code] = $line->quantity;
        }
        $t->workThrough();
        self::assertEqualsWithDelta($reckoned['tape'], (float) RollCut::query()->sum('mm') / 1000, 0.002);
        self::assertSame(0, RollCut::query()->whereNull('roll_id')->count());
        $glue = (float) SupplyUse::query()->where('kind', 'glue')->sum('amount');
        self::assertEqualsWithDelta($reckoned['glue'] ?? 0.0, $glue, 0.002);
        $left = (float) Supply::query()->where('kind', 'blade')->firstOrFail()->left_over;
        $worn = (float) SupplyUse::query()->where('kind', 'blade')->sum('amount');
        self::assertGreaterThan(0.0, $worn);
        self::assertEqualsWithDelta(10.0 - $worn, $left, 0.001);
    }

    /** What was put on the shelf first is used up first; what is not there is booked as missing and given back. */
    public function testOldestFirstOnceAndGivenBack(): void
    {
        $this->as(Role::Technician);
        $old = $this->kept('glue', 'Old tube', 0.1);
        $this->travel(1)->minutes();
        $new = $this->kept('glue', 'New tube', 0.02);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $code = $this->partFor('maruvi-sorrel', ReplacementKind::DisplayAssembly, 'S-771');
        $t->checkIn('maruvi-sorrel', $code, ['cracked-glass']);
        $t->planned('display-assembly', 'S-771', [
            'kind' => 'hot-air',
            'set' => 130,
            'distance' => 30,
            'edge' => 80,
            'hold' => true,
            'preheat' => ['kind' => 'plate', 'set' => 95],
        ]);
        $t->workUpTo('lay-seal:bezel-glue');
        $laid = $t->event('step-done', ['step' => 'lay-seal:bezel-glue']);
        $t->send([$laid]);
        $t->send([$laid]);
        $uses = SupplyUse::query()->where('kind', 'glue')->orderBy('id')->get();
        self::assertSame([$old, $new, null], $uses->pluck('supply_id')->all());
        self::assertEqualsWithDelta(0.185, $uses->sum(static fn(SupplyUse $u): float => (float) $u->amount), 0.002);
        self::assertSame('0.000', Supply::query()->findOrFail($old)->left_over);
        $t->send([$t->event('undo', ['event' => $laid['id']])]);
        self::assertSame('0.100', Supply::query()->findOrFail($old)->left_over);
        self::assertSame(0, SupplyUse::query()->where('kind', 'glue')->count());
    }

    public function testWhatIsUsedIsToBeOrdered(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', 'BF5-E', ['cracked-glass']);
        $t->planned('display-assembly', 'S-201');
        $line = $this->fern();
        self::assertSame([1, 'assumed', null], [$line['jobs'], $line['leadFrom'], $line['set']]);
        // As many as fit and nobody has: none is left, and what one job in the first week tells is two or more.
        $free = ShelfItem::query()->where('kind', 'display-assembly')->whereNull('job_id')
            ->whereIn('id', ShelfItem::idsSoldFor(['BF5-E']))->count();
        self::assertEquals($free, $line['have']);
        ShelfItem::query()->whereNull('job_id')->update(['state' => 'faulty']);
        self::assertEquals(0, $this->fern()['have']);
        self::assertGreaterThanOrEqual(2, $this->fern()['order']);

        // The shop's own level stands; the same again changes nothing; an old version is refused.
        $thing = ['of' => 'part', 'phone' => 'brasca-fern-5', 'kind' => 'display-assembly'];
        $level = $thing + ['level' => 6, 'leadDays' => 10];
        $this->ask('PUT', '/reorder/level', $level + ['version' => 0], 200);
        self::assertSame([6, 10, 'set', 1], array_values(array_intersect_key(
            $this->fern(),
            ['set' => 1, 'leadDays' => 1, 'leadFrom' => 1, 'version' => 1],
        )));
        $this->ask('PUT', '/reorder/level', $level + ['version' => 0], 200);
        $this->ask('PUT', '/reorder/level', ['level' => 3, 'version' => 0] + $level, 409)
            ->assertJsonPath('code', 'stale-version');
        $this->ask('PUT', '/reorder/level', ['level' => null, 'leadDays' => null, 'version' => 1] + $level, 200);
        self::assertNull($this->fern()['set']);
        // What nobody keeps or knows is refused.
        $this->ask('PUT', '/reorder/level', ['phone' => 'no-such', 'version' => 0] + $level, 404);
        $tape = ['of' => 'tape', 'level' => 5, 'leadDays' => null, 'version' => 0];
        $this->ask('PUT', '/reorder/level', $tape, 422)->assertJsonValidationErrors(['width']);
        $this->ask('PUT', '/reorder/level', ['width' => 2] + $tape, 200);
        $this->as(Role::FrontDesk);
        $this->ask('PUT', '/reorder/level', ['width' => 2] + $tape, 403);
    }

    /** A longer history takes no more questions. */
    public function testTheNumberOfQuestionsDoesNotGrow(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $asked = fn(): array => self::queriesOf(fn() => $this->ask('GET', '/reorder', status: 200));
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', 'BF5-E', ['cracked-glass']);
        $t->planned('display-assembly', 'S-201');
        $few = $asked();
        $other = new Technician($this, $this->newId());
        $other->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $other->planned('display-assembly', 'S-104');
        $other->workThrough();
        $many = $asked();
        self::assertCount(count($few), $many, implode("\n", [...$few, '…', ...$many]));
    }

    private function kept(string $kind, string $name, float $left): string
    {
        $id = $this->newId();
        $this->ask('PUT', "/supplies/$id", ['kind' => $kind, 'name' => $name, 'left' => $left], 201);

        return $id;
    }

    /** @return array<string, mixed> */
    private function fern(): array
    {
        $lines = $this->ask('GET', '/reorder', status: 200)->json('data');
        foreach (is_array($lines) ? $lines : [] as $line) {
            if (is_array($line) && $line['phone'] === 'brasca-fern-5') {
                return array_combine(array_map(strval(...), array_keys($line)), array_values($line));
            }
        }
        self::fail('the Fern 5 is not listed');
    }
}
