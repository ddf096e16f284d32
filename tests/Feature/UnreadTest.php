<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Schemas;
use Tests\TestCase;

/** A job of which something cannot be read: it says so itself, and takes nothing from anybody else. */
final class UnreadTest extends TestCase
{
    #[TestWith(['plan', '{"format":"facelift-plan","version":99}'])]
    #[TestWith(['plan', '"no plan at all"'])]
    #[TestWith(['quote', '{"kind":"lamp"}'])]
    #[TestWith(['condition', '{"observations":["purple"]}'])]
    #[TestWith(['phone', 'nobody-knows'])]
    public function testItSaysSoItselfAndTheListStays(string $document, string $kept): void
    {
        [$broken, $whole] = [$this->planned(), $this->planned('S-105')];
        Job::query()->where('id', $broken)->toBase()->update([$document => $kept]);
        $list = $this->ask('GET', '/jobs', status: 200);
        self::assertCount(2, (array) $list->json('data'));
        self::assertStringNotContainsString('purple', (string) $list->baseResponse->getContent());
        $this->ask('GET', '/timers', status: 200);
        $job = $this->ask('GET', "/jobs/$broken", status: 200);
        self::assertSame([$document], array_column((array) $job->json('unread'), 'document'));
        self::assertSame([], $this->ask('GET', "/jobs/$whole", status: 200)->json('unread'));
        $export = $this->ask('GET', "/jobs/$broken/export.json", status: 200);
        self::assertSame(
            [],
            Schemas::faults(json_decode((string) $export->baseResponse->getContent()), 'schemas/job.schema.json'),
        );
        self::assertIsString($export->json('kept.plan'));
        if ($document !== 'phone') {
            self::assertSame($kept, $export->json("kept.$document"));
        }
        self::assertNull($export->json('plan'));
    }

    public function testBeforeTheBenchItIsMadeAnew(): void
    {
        $id = $this->planned();
        $job = Job::query()->findOrFail($id);
        $condition = $job->condition;
        Job::query()->where('id', $id)->toBase()->update(['plan' => '{"format":"facelift-plan","version":99}']);
        $this->ask('GET', "/jobs/$id/plan", status: 409)->assertJsonPath('code', 'not-reachable');
        $t = new Technician($this, $id);
        $t->goesOn();
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85]]);
        self::assertSame([], $this->ask('GET', "/jobs/$id", status: 200)->json('unread'));

        Job::query()->where('id', $id)->toBase()->update(['condition' => '{"observations":["purple"]}']);
        self::assertNull($this->ask('GET', "/jobs/$id", status: 200)->json('condition'));
        $t->change('check-in', ['condition' => $condition]);
        self::assertSame([], $this->ask('GET', "/jobs/$id", status: 200)->json('unread'));
    }

    private function planned(string $label = 'S-101'): string
    {
        $this->as(Role::Technician);
        if ($label === 'S-101') {
            $this->shelf();
        }
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', $label === 'S-101' ? 'QV-2110' : 'QV-2111', ['cracked-glass']);
        $t->planned($label === 'S-101' ? 'display-assembly' : 'display-with-small-parts', $label);

        return $t->job;
    }
}
