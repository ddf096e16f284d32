<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\Models\Roll;
use App\Models\RollCut;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class SealTest extends TestCase
{
    private const VESPER = ['phone' => 'quillon-vesper', 'kind' => 'display-assembly'];
    private const FERN = ['phone' => 'brasca-fern-4', 'kind' => 'display-assembly', 'bond' => 'display-tape'];

    public function testTheDeskPutsTheWaysSideBySide(): void
    {
        $this->as(Role::FrontDesk);
        $this->ask('POST', '/seal', self::VESPER, 200)
            ->assertJsonPath('best', 1)
            ->assertJsonPath('offers.1.way', 'precut-seal')
            ->assertJsonPath('because.0.code', 'way-as-built');
        $this->ask('POST', '/seal', self::FERN, 200)
            ->assertJsonPath('best', 2)
            ->assertJsonPath('offers.2.way', 'tape')
            ->assertJsonPath('glass', null);
    }

    public function testAThicknessAndALedgeAreMovedAndTheVerdictFollows(): void
    {
        $this->as(Role::Technician);
        $this->ask('POST', '/seal', ['thickness' => 0.8] + self::FERN, 200)
            ->assertJsonPath('offers.2.lasts', false)
            ->assertJsonPath('offers.2.sits.0.code', 'sits-proud');
        $narrow = ['ledge' => ['top' => 0.6, 'right' => 0.6, 'bottom' => 0.6, 'left' => 0.6]];
        $this->ask('POST', '/seal', $narrow + self::FERN, 200)
            ->assertJsonPath('offers.2.refused.code', 'no-stock-fits');
        $read = ['readings' => ['module' => 1.7, 'residue' => ['left' => 0.1]]];
        $this->ask('POST', '/seal', $read + self::FERN, 200)
            ->assertJsonPath('offers.2.heights.sides.3.module.from', 'reading')
            ->assertJsonPath('offers.2.heights.sides.3.residue.mm', 0.1);
    }

    public function testNewGlassSaysHowItsAdhesiveIsLaidAndCured(): void
    {
        $this->as(Role::Technician);
        $this->ask('POST', '/seal', ['kind' => 'glass-only'] + self::VESPER, 200)
            ->assertJsonCount(5, 'glass.laid.bar')
            ->assertJsonPath('glass.cures.*.light', ['lamp', 'sun', 'thin-cloud', 'overcast']);
    }

    public function testBadInputNamesTheField(): void
    {
        $this->as(Role::Technician);
        foreach (
            [
                'thickness' => ['thickness' => -1],
                'readings.residue.left' => ['readings' => ['residue' => ['left' => -0.1]]],
                'ledge.left' => ['ledge' => ['left' => 90]],
                'kind' => ['kind' => 'lid'],
            ] as $field => $bad
        ) {
            $this->ask('POST', '/seal', $bad + self::FERN, 422)->assertJsonValidationErrors([$field]);
        }
        $this->ask('POST', '/seal', ['bond' => 'battery-tape'] + self::FERN, 404);
        $this->ask('PUT', '/rolls/' . $this->newId(), ['width' => 0] + self::roll('x', 1), 422)
            ->assertJsonValidationErrors(['width', 'name']);
    }

    public function testTheSheetIsCutAtItsTrueSize(): void
    {
        $this->as(Role::FrontDesk);
        $query = http_build_query(self::FERN + ['way' => 'tape']);
        $svg = (string) $this->ask('GET', "/seal/sheet.svg?$query", status: 200)->baseResponse->getContent();
        self::assertStringContainsString('width="210mm"', $svg);
        $dxf = (string) $this->ask('GET', "/seal/sheet.dxf?$query", status: 200)->baseResponse->getContent();
        self::assertStringContainsString('AC1009', $dxf);
        $pdf = (string) $this->ask('GET', "/seal/sheet.pdf?$query", status: 200)->baseResponse->getContent();
        self::assertStringContainsString('50 mm', WholePathTest::textOf($pdf));
        $this->ask('GET', '/seal/sheet.pdf?' . http_build_query(self::FERN + ['way' => 'fitted']), status: 409);
    }

    public function testRollsAreKeptOnceAndByThoseWhoCutFromThem(): void
    {
        $this->as(Role::Technician);
        $id = $this->newId();
        $this->ask('PUT', "/rolls/$id", self::roll('Black 1.5', 1.5), 201);
        $this->ask('PUT', "/rolls/$id", self::roll('Black 1.5', 1.5), 200);
        self::assertSame(1, Roll::query()->count());
        $this->ask('PUT', '/rolls/' . $this->newId(), self::roll('Black 1.5', 2), 409);
        self::assertEquals(1.5, $this->ask('GET', '/rolls', status: 200)->json('data.0.width'));
        // Tape was cut from it: a late repetition does not put it back, and nothing else is written over it.
        Roll::query()->whereKey($id)->update(['left_mm' => 400]);
        $this->ask('PUT', "/rolls/$id", self::roll('Black 1.5', 1.5), 200)->assertJsonPath('left', 400);
        $this->ask('PUT', "/rolls/$id", self::roll('Black 1.5', 2), 409);
        self::assertSame([1.5, 400.0], [
            (float) Roll::query()->findOrFail($id)->width,
            (float) Roll::query()->findOrFail($id)->left_mm,
        ]);
        $this->as(Role::FrontDesk);
        $this->ask('PUT', '/rolls/' . $this->newId(), self::roll('Mine', 2), 403);
        $this->ask('DELETE', "/rolls/$id", status: 403);
        $this->as(Role::Technician);
        $this->ask('DELETE', "/rolls/$id", status: 204);
        self::assertSame([], $this->ask('GET', '/rolls', status: 200)->json('data'));
    }

    public function testTapeIsBookedOutOnceAndGivenBack(): void
    {
        $this->as(Role::Technician);
        foreach ([1.0, 1.5, 2.0, 3.0] as $width) {
            $this->ask('PUT', '/rolls/' . $this->newId(), self::roll("Black $width", $width), 201);
        }
        $t = $this->fernAtBench();
        $t->workUpTo('lay-seal:display-tape');
        $laid = $t->event('step-done', ['step' => 'lay-seal:display-tape']);
        $t->send([$laid]);
        $t->send([$laid]);
        $left = (float) Roll::query()->where('width', 1.0)->firstOrFail()->left_mm;
        $taken = (float) RollCut::query()->where('width', 1.0)->sum('mm');
        self::assertGreaterThan(280.0, $taken);
        self::assertEqualsWithDelta(20_000.0 - $taken, $left, 0.2);
        $t->send([$t->event('undo', ['event' => $laid['id']])]);
        self::assertEqualsWithDelta(20_000.0, (float) Roll::query()->where('width', 1.0)->firstOrFail()->left_mm, 0.2);
        self::assertSame(0, RollCut::query()->count());
    }

    /** Other events take no more questions of the database than before. */
    public function testOnlyAnEventThatLaysTapeAsksForRolls(): void
    {
        $this->as(Role::Technician);
        $this->ask('PUT', '/rolls/' . $this->newId(), self::roll('Black 1.5', 1.5), 201);
        $t = $this->fernAtBench();
        DB::enableQueryLog();
        $t->send([$t->event('step-done', ['step' => 'power-off'])]);
        $asked = array_filter(DB::getQueryLog(), static fn(array $q): bool => str_contains($q['query'], 'roll'));
        self::assertSame([], array_values($asked));
    }

    public function testMeasuredHeightsChangeThePlanOfTheJob(): void
    {
        $this->as(Role::Technician);
        $t = $this->fernAtBench();
        $t->workUpTo('dry-fit:display-tape');
        $t->goesOn();
        $t->change('seal', ['module' => 1.65, 'residue' => ['left' => 0.1]]);
        self::assertContains(
            'none-lasts',
            (array) $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('steps.*.notes.0.code'),
        );
        $job = $this->ask('GET', "/jobs/$t->job", status: 200);
        self::assertSame(1.65, $job->json('seal.module'));
        $t->change('seal', ['module' => 1.65, 'residue' => ['left' => 0.1]]);
        self::assertSame($job->json('version'), $this->ask('GET', "/jobs/$t->job", status: 200)->json('version'));
        $this->ask('PUT', "/jobs/$t->job/seal", ['version' => 1, 'way' => 'bead'], 409)
            ->assertJsonPath('code', 'stale-version');
        $this->ask('PUT', "/jobs/$t->job/seal", ['version' => $t->version, 'module' => -2], 422)
            ->assertJsonValidationErrors(['module']);
        $t->change('seal', ['way' => 'bead']);
        self::assertSame(
            ['precut-seal', 'bead'],
            $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('seals.*.way'),
        );
        $t->workThrough();
        // What lies already is not laid otherwise.
        $this->ask('PUT', "/jobs/$t->job/seal", ['version' => $t->version, 'way' => 'tape'], 409);
    }

    public function testASealThatIsNotRenewedIsAskedAboutAndTold(): void
    {
        $this->as(Role::Technician);
        $t = $this->fernAtBench();
        $t->workUpTo('lay-seal:back-seal');
        $out = $t->event('step-done', ['step' => 'lay-seal:back-seal', 'renewed' => 'no']);
        self::assertSame(['seal-not-renewed'], data_get($t->send([$out]), 'refused.*.reason.code'));
        $said = ['step' => 'lay-seal:back-seal', 'renewed' => 'no', 'why' => 'Customer declined it'];
        self::assertSame([], $t->send([array_replace($out, ['data' => $said])])['refused']);
        $t->workThrough();
        $text = WholePathTest::textOf(
            (string) $this->ask('GET', "/jobs/$t->job/sheet.pdf", status: 200)->baseResponse->getContent(),
        );
        self::assertStringContainsString('was not renewed (Customer declined it)', $text);
        self::assertStringContainsString(
            'water and dust can get in',
            json_encode($this->ask('GET', "/jobs/$t->job/proof", status: 200)->json('early'), JSON_THROW_ON_ERROR),
        );
    }

    public function testTheJobsSealAndItsSheet(): void
    {
        $this->as(Role::Technician);
        $t = $this->fernAtBench();
        $choice = $this->ask('GET', "/jobs/$t->job/seal", status: 200);
        self::assertSame('display-tape', $choice->json('bond.id'));
        $pdf = (string) $this->ask('GET', "/jobs/$t->job/cut-sheet.pdf", status: 200)->baseResponse->getContent();
        self::assertStringContainsString('Brasca Fern 5, Display tape', WholePathTest::textOf($pdf));
        $this->as(Role::FrontDesk);
        $version = Job::query()->findOrFail($t->job)->version;
        $this->ask('PUT', "/jobs/$t->job/seal", ['version' => $version, 'way' => 'bead'], 403);
    }

    /** A display that comes in its frame has no seal of its own; the back's has its ways and its own sheet. */
    public function testEveryBondOfAJobHasItsOwnWaysAndSheet(): void
    {
        $this->as(Role::Technician);
        $t = $this->fernAtBench('display-with-frame', 'S-205');
        $this->ask('GET', "/jobs/$t->job/seal", status: 409);
        $this->ask('GET', "/jobs/$t->job/seal?bond=display-tape", status: 404);
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        self::assertSame(['back-seal'], $plan->json('seals.*.bond'));
        $choice = $this->ask('GET', "/jobs/$t->job/seal?bond=back-seal", status: 200);
        self::assertSame('back-seal', $choice->json('bond.id'));
        // What the plan takes is among them, with the same pieces.
        $way = $plan->json('seals.0.way');
        $offers = array_column((array) $choice->json('offers'), null, 'way');
        self::assertIsString($way);
        self::assertSame($plan->json('seals.0.pieces'), data_get($offers, "$way.pieces"));
        $svg = (string) $this->ask('GET', "/jobs/$t->job/cut-sheet.svg?bond=back-seal", status: 200)
            ->baseResponse->getContent();
        self::assertStringContainsString('Brasca Fern 5, Back cover seal', $svg);
    }

    private function fernAtBench(string $kind = 'display-assembly', string $label = 'S-201'): Technician
    {
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', 'BF5-E', ['cracked-glass']);
        $t->planned($kind, $label);

        return $t;
    }

    /** @return array<string, string|float|int> */
    private static function roll(string $name, float $width): array
    {
        return ['name' => $name, 'width' => $width, 'thickness' => 0.3, 'gives' => 0.2, 'left' => 20_000];
    }
}
