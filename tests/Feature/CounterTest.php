<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class CounterTest extends TestCase
{
    public function testOpeningTheSameJobTwiceDoesNoHarm(): void
    {
        $this->as(Role::FrontDesk);
        $body = [
            'id' => $this->newId(),
            'phone' => 'quillon-vesper',
            'modelCode' => 'QV-2110',
            'customer' => 'Ottilie Marsh',
        ];
        $first = $this->ask('POST', '/jobs', $body, 201);
        $second = $this->ask('POST', '/jobs', $body, 200);
        self::assertSame($first->json('tag'), $second->json('tag'));
        self::assertSame(1, Job::query()->count());
    }

    public function testBadInputNamesTheFieldAndKeepsNothing(): void
    {
        $this->as(Role::FrontDesk);
        $body = [
            'id' => $this->newId(),
            'phone' => 'quillon-vesper',
            'modelCode' => 'QV-2110',
            'customer' => 'Ottilie Marsh',
        ];
        $this->ask('POST', '/jobs', ['modelCode' => 'BF5-E'] + $body, 422)->assertJsonValidationErrors(['modelCode']);
        $this->ask('POST', '/jobs', ['colour' => 'pink'] + $body, 422)->assertJsonValidationErrors(['colour']);
        $this->ask('POST', '/jobs', ['imei' => '490154203237517'] + $body, 422)->assertJsonValidationErrors(['imei']);
        $this->ask('POST', '/jobs', ['id' => 'x', 'customer' => ' '] + $body, 422)->assertJsonValidationErrors([
            'id',
            'customer',
        ]);
        self::assertSame(0, Job::query()->count());
        $this->ask('POST', '/jobs', ['imei' => '490154203237518'] + $body, 201);
    }

    public function testABadConditionIsRefusedWholeWithItsPath(): void
    {
        $this->as(Role::FrontDesk);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
        $bad = ['observations' => ['scratched']] + Technician::condition([]);
        $this->ask(
            'PUT',
            "/jobs/$t->job/check-in",
            ['version' => $t->version, 'condition' => $bad],
            422,
        )->assertJsonPath('errors', [
            'observations[0]' => [
                'must be one of cracked-glass, lines, spots, flicker, no-image, '
                    . 'blotches, no-touch, dead-zones, dim-image, still-rings, '
                    . 'screen-lifted, frame-bent, back-cracked, cell-swollen',
            ],
        ]);
        self::assertSame(
            ['cracked-glass', 'lines'],
            Job::query()->findOrFail($t->job)->condition['observations'] ?? null,
        );
    }

    public function testTwoPeopleOnOneJobDoNotOverwriteEachOther(): void
    {
        $this->as(Role::FrontDesk);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
        $stale = $t->version;
        $t->change('check-in', ['condition' => Technician::condition(['spots'])]);
        $this->ask(
            'PUT',
            "/jobs/$t->job/check-in",
            ['version' => $stale, 'condition' => Technician::condition(['flicker'])],
            409,
        )
            ->assertJsonPath('code', 'stale-version')
            ->assertJsonPath('version', $t->version);
        self::assertSame(
            ['cracked-glass', 'spots'],
            Job::query()->findOrFail($t->job)->condition['observations'] ?? null,
        );
        $this->ask(
            'PUT',
            "/jobs/$t->job/check-in",
            ['version' => $stale, 'condition' => Technician::condition(['spots'])],
            200,
        )->assertJsonPath('version', $t->version);
    }

    public function testOfTwoWhoTakeTheSamePartOneGetsIt(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $item = ShelfItem::query()->where('label', 'S-101')->firstOrFail();
        $jobs = [];
        foreach ([1, 2] as $n) {
            $t = new Technician($this, $this->newId());
            $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
            $t->change('scope', ['kind' => 'display-assembly']);
            $jobs[] = $t;
        }
        $jobs[0]->change('part', ['item' => $item->id]);
        $this->ask(
            'PUT',
            "/jobs/{$jobs[1]->job}/part",
            ['version' => $jobs[1]->version, 'item' => $item->id],
            409,
        )->assertJsonPath('code', 'part-taken');
        self::assertSame($jobs[0]->job, $item->refresh()->job_id);
        $jobs[0]->change('part', ['item' => ShelfItem::query()->where('label', 'S-102')->firstOrFail()->id]);
        self::assertNull($item->refresh()->job_id, 'the part put back is free again');
    }

    public function testAPartThatDoesNotFitIsNotTaken(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', 'BF5-E', ['lines']);
        $t->change('scope', ['kind' => 'display-assembly']);
        $wrong = ShelfItem::query()->where('label', 'S-206')->firstOrFail();
        $this->ask(
            'PUT',
            "/jobs/$t->job/part",
            ['version' => $t->version, 'item' => $wrong->id],
            422,
        )->assertJsonValidationErrors(['item']);
        self::assertNull($wrong->refresh()->job_id);
        $verdicts = array_column(
            (array) $this->ask('GET', "/jobs/$t->job/part", status: 200)->json('data'),
            'verdict',
            'item.label',
        );
        self::assertCount(7, (array) $this->ask('GET', "/jobs/$t->job/part", status: 200)->json('data'));
        self::assertNotSame([], $verdicts);
    }

    public function testAChangeAtAnEarlierStationAsksForANewPlan(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
        $t->planned('display-assembly', 'S-101');
        $this->ask(
            'PUT',
            "/jobs/$t->job/plan",
            ['version' => $t->version, 'source' => ['kind' => 'plate', 'set' => 500]],
            422,
        )->assertJsonValidationErrors(['set']);
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 60]]);
        $job = $this->ask('GET', "/jobs/$t->job", status: 200);
        self::assertFalse($job->json('works'));
        self::assertFalse($job->json('stations.5.reachable'));
        $t->change('check-in', ['condition' => Technician::condition(['spots'])]);
        $this->ask('GET', "/jobs/$t->job/plan", status: 409);
    }

    /** @param list<string> $found */
    #[TestWith(['marsh', ['Ottilie Marsh']])]
    #[TestWith(['Otti', ['Ottilie Marsh']])]
    #[TestWith(['vesper', ['Ruben Aalto', 'Ottilie Marsh']])]
    #[TestWith(['vesper aalto', ['Ruben Aalto']])]
    #[TestWith(['qv-2111', ['Ruben Aalto']])]
    #[TestWith(['490154203237518', ['Ottilie Marsh']])]
    #[TestWith(['0302', ['Ruben Aalto']])]
    #[TestWith(['arsh', []])]
    #[TestWith(['%%% ___', ['Noor Hallam', 'Ruben Aalto', 'Ottilie Marsh']])]
    public function testJobsAreFoundByTheBeginningsOfWordsNewestFirst(string $words, array $found): void
    {
        $this->as(Role::FrontDesk);
        foreach (
            [
                ['Ottilie Marsh', 'quillon-vesper', 'QV-2110', '490154203237518'],
                ['Ruben Aalto', 'quillon-vesper', 'QV-2111', null],
                ['Noor Hallam', 'brasca-fern-5', 'BF5-E', null],
            ] as [$customer, $phone, $code, $imei]
        ) {
            $this->ask(
                'POST',
                '/jobs',
                [
                    'id' => $this->newId(),
                    'phone' => $phone,
                    'modelCode' => $code,
                    'customer' => $customer,
                    'imei' => $imei,
                ],
                201,
            );
        }
        self::assertSame(
            $found,
            array_column(
                (array) $this->ask('GET', '/jobs?q=' . rawurlencode($words), status: 200)->json('data'),
                'customer',
            ),
        );
    }
}
