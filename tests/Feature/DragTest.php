<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Runs;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\PlanChange;
use App\Models\Role;
use Facelift\Plan\StepKind;
use Tests\Schemas;
use Tests\TestCase;

/** A blade that drags at the bench: told once, planned again at once, and kept as it went. */
final class DragTest extends TestCase
{
    public function testTheRestIsPlannedAgainOnceAndTheJobGoesOn(): void
    {
        $t = $this->atPass();
        $before = $this->steps($t);
        $step = $this->next($t);
        $drag = ['id' => $this->newId(), 'at' => $t->now(), 'step' => $step, 'mm' => 40.0];
        foreach (['once', 'twice'] as $time) {
            $this->ask('POST', "/jobs/$t->job/drags", $drag, 200);
            self::assertSame(1, PlanChange::query()->count(), $time);
        }
        self::assertSame(1, BenchEvent::query()->whereKey($drag['id'])->count());
        self::assertNotSame($before, $this->steps($t));
        $next = app(Runs::class)->run(Job::query()->findOrFail($t->job))->next();
        self::assertTrue($next?->kind()->isHeating() === true || $next?->kind() === StepKind::Cool);
        $troubles = $this->ask('GET', "/jobs/$t->job/troubles", status: 200)->json('data');
        self::assertSame([], $troubles, 'it is no trouble');

        $version = $this->ask('GET', "/jobs/$t->job", status: 200)->json('version');
        self::assertIsInt($version);
        $t->version = $version;
        $t->workThrough();
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        $export = $this->ask('GET', "/jobs/$t->job/export.json", status: 200);
        self::assertSame(
            [],
            Schemas::faults(json_decode((string) $export->baseResponse->getContent()), 'schemas/job.schema.json'),
        );
        $passes = (array) $export->json('passes');
        $felt = array_filter(array_column($passes, 'felt'), is_string(...));
        self::assertSame(['dragged', 'easily'], array_values(array_unique($felt)));
        self::assertSame($step, $export->json('passes.0.step'));
        self::assertSame('precut-seal', $export->json('passes.0.adhesive'));
        self::assertGreaterThan(40.0, $export->json('passes.0.starts'), 'the bond was warm');
        self::assertSame('dragged', $export->json('earlierPlans.0.trouble'));
    }

    public function testWhereNoBladeIsNothingDrags(): void
    {
        $t = $this->atPass();
        $drag = fn(string $step, mixed $mm): array => [
            'id' => $this->newId(),
            'at' => $t->now(),
            'step' => $step,
            'mm' => $mm,
        ];
        $this->ask('POST', "/jobs/$t->job/drags", $drag('unplug:battery-plug', 10), 422)
            ->assertJsonValidationErrors(['step']);
        $this->ask('POST', "/jobs/$t->job/drags", $drag($this->next($t), 'far'), 422)
            ->assertJsonValidationErrors(['mm']);
        self::assertSame(0, PlanChange::query()->count());
    }

    public function testWhatWentEasilyIsKeptToo(): void
    {
        $t = $this->atPass();
        $step = $this->next($t);
        $answer = $t->send([$t->event('step-done', ['step' => $step, 'felt' => 'easily'])]);
        self::assertSame([], $answer['refused']);
        self::assertSame('easily', BenchEvent::query()->orderByDesc('seq')->firstOrFail()->data['felt'] ?? null);
    }

    public function testTheFrontDeskDragsNothing(): void
    {
        $t = $this->atPass();
        $step = $this->next($t);
        $this->as(Role::FrontDesk);
        $drag = ['id' => $this->newId(), 'at' => $t->now(), 'step' => $step, 'mm' => 10];
        $this->ask('POST', "/jobs/$t->job/drags", $drag, 403);
    }

    private function atPass(): Technician
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101', ['kind' => 'plate', 'set' => 95]);
        $t->workUpTo('cut-pass:seal');

        return $t;
    }

    private function next(Technician $t): string
    {
        $next = $this->ask('GET', "/jobs/$t->job/bench", status: 200)->json('next');
        self::assertIsString($next);

        return $next;
    }

    /** @return list<mixed> */
    private function steps(Technician $t): array
    {
        return array_column((array) $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('steps'), 'id');
    }
}
