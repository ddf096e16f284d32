<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Schemas;
use Tests\TestCase;

final class WholePathTest extends TestCase
{
    #[TestWith(['quillon-vesper', 'QV-2110', 'display-assembly', 'S-101'])]
    #[TestWith(['quillon-vesper', 'QV-2111', 'display-with-small-parts', 'S-105'])]
    #[TestWith(['brasca-fern-5', 'BF5-E', 'display-assembly', 'S-201'])]
    #[TestWith(['brasca-fern-5', 'BF5-P', 'display-with-frame', 'S-204'])]
    public function testFromCheckInToHandOver(string $phone, string $code, string $kind, string $label): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn($phone, $code, ['cracked-glass']);
        $scope = $this->ask('GET', "/jobs/$t->job/scope", status: 200);
        self::assertSame('broken', $scope->json('finding.layers.0.likelihood'));
        $t->planned($kind, $label);
        $this->ask('GET', "/jobs/$t->job/part", status: 200);
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        self::assertTrue($plan->json('works'));
        $t->workThrough();
        $bench = $this->ask('GET', "/jobs/$t->job/bench", status: 200);
        self::assertNull($bench->json('next'));
        $proof = $this->ask('GET', "/jobs/$t->job/proof", status: 200);
        self::assertSame([], $proof->json('newFaults'));
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        $job = $this->ask('GET', "/jobs/$t->job", status: 200);
        self::assertNotNull($job->json('handedOverAt'));
        $export = $this->ask('GET', "/jobs/$t->job/export.json", status: 200);
        self::assertSame(
            [],
            Schemas::faults(json_decode((string) $export->baseResponse->getContent()), 'schemas/job.schema.json'),
        );
        $this->ask('GET', '/timers', status: 200);
        $this->ask('GET', '/jobs', status: 200);
        $this->ask('GET', '/shelf', status: 200);
    }

    public function testTheJobSheetSaysWhatWasFittedTestedAndGlued(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', 'BF5-E', ['cracked-glass'], 'Ottilie Marsh');
        $t->planned('display-assembly', 'S-201');
        $t->workThrough('earpiece');
        $pdf = (string) $this->ask('GET', "/jobs/$t->job/sheet.pdf", status: 200)->baseResponse->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
        $text = self::textOf($pdf);
        foreach (
            [
                'Ottilie Marsh',
                'Cracked glass',
                'S-201',
                'NP-2702',
                'tape with a bead at its outer edge',
                '22:01 of 22:00',
                'Earpiece',
                'New fault',
                'Water resistance as new is not promised',
                'local rules apply',
            ] as $wanted
        ) {
            self::assertStringContainsString($wanted, $text);
        }
        // In the units that the shop wants to see; what is kept stays.
        self::assertStringContainsString(', 45 mm', $text);
        $this->as(Role::Owner);
        $shop = $this->ask('GET', '/shop', status: 200);
        $settings = ['temperature' => 'fahrenheit', 'length' => 'inch'] + (array) $shop->json('settings');
        $this->ask('PUT', '/shop', ['version' => $shop->json('version'), 'settings' => $settings], 200);
        $this->app->forgetScopedInstances();
        $pdf = (string) $this->ask('GET', "/jobs/$t->job/sheet.pdf", status: 200)->baseResponse->getContent();
        $text = self::textOf($pdf);
        self::assertStringContainsString(', 1.77 in', $text);
        self::assertStringNotContainsString(' mm', $text);
    }

    public function testPhonesAreFoundByMakerModelOrCode(): void
    {
        $this->as(Role::FrontDesk);
        foreach (
            ['qv-2114' => 'quillon-vesper', 'fern 5' => 'brasca-fern-5', 'bf5-p' => 'brasca-fern-5'] as $query => $id
        ) {
            self::assertSame(
                [$id],
                array_column(
                    (array) $this->ask('GET', '/phones?q=' . rawurlencode($query), status: 200)->json('data'),
                    'id',
                ),
            );
        }
        $this->ask('GET', '/phones/quillon-vesper', status: 200);
        $this->ask('GET', '/phones/nothing-here', status: 404);
        $this->ask('GET', '/phones/..%2F..%2Fetc', status: 404);
    }

    public static function textOf(string $pdf): string
    {
        $file = tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents((string) $file, $pdf);
        $text = (string) shell_exec('pdftotext -layout ' . escapeshellarg((string) $file) . ' -');
        unlink((string) $file);

        return (string) preg_replace('/\s+/', ' ', $text);
    }
}
