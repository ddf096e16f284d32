<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HeatSource;
use App\Models\Role;
use Tests\TestCase;

final class HeatTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function tried(float $set = 85): array
    {
        return [
            'phone' => 'quillon-vesper',
            'bond' => 'seal',
            'source' => ['kind' => 'plate', 'set' => $set],
            'seconds' => 210,
        ];
    }

    public function testTheDeskGivesCurvesABandAndTheRegion(): void
    {
        $this->as(Role::FrontDesk);
        $answer = $this->ask('POST', '/heat', self::tried(), 200);
        self::assertGreaterThanOrEqual(400, count((array) $answer->json('region')));
        self::assertNotNull($answer->json('best'));
        $at = 52; // 208 s, sampled every four
        $bond = $answer->json("samples.$at.bond");
        self::assertGreaterThan($answer->json("band.$at.low"), $bond);
        self::assertLessThan($answer->json("band.$at.high"), $bond);
        self::assertSame('from-memory', $answer->json('source.origin'));
        $this->ask(
            'POST',
            '/heat',
            ['source' => ['kind' => 'grain-bag', 'mass' => 0.5, 'minutes' => 2.5], 'state' => 'aged'] + self::tried(),
            200,
        )->assertJsonPath('because.0.code', 'heat-gentlest');
    }

    public function testBadInputNamesTheField(): void
    {
        $this->as(Role::FrontDesk);
        $this->ask('POST', '/heat', self::tried(400), 422)->assertJsonValidationErrors(['set']);
        $this->ask('POST', '/heat', ['seconds' => -1] + self::tried(), 422)->assertJsonValidationErrors(['seconds']);
        $this->ask('POST', '/heat', ['bond' => 'battery-strips'] + self::tried(), 404);
        $this->ask('POST', '/heat', ['phone' => 'nothing'] + self::tried(), 404);
        $this->ask('POST', '/heat/refit', ['readings' => []] + self::tried(), 422);
    }

    public function testAPlateIsCalibratedOnceByAReadingAndKept(): void
    {
        $this->as(Role::Technician);
        $reading = ['probe' => 'outer-face', 'second' => 120, 'celsius' => 76];
        $body = array_diff_key(self::tried(), ['seconds' => 1]);
        $fit = $this->ask('POST', '/heat/refit', ['readings' => [$reading]] + $body, 200)->assertJsonPath(
            'implausible',
            null,
        );
        self::assertGreaterThan($fit->json('low'), $fit->json('coefficient'));
        $this->ask('POST', '/heat/refit', ['readings' => [['celsius' => 30] + $reading]] + $body, 200)->assertJsonPath(
            'implausible',
            'too-cold',
        );
        $keep = [
            'id' => $this->newId(),
            'name' => 'Plate at the window',
            'source' => ['kind' => 'plate', 'set' => 85, 'coefficient' => $fit->json('coefficient')],
            'fit' => [
                'coefficient' => $fit->json('coefficient'),
                'low' => $fit->json('low'),
                'high' => $fit->json('high'),
            ],
        ];
        $this->ask('POST', '/heat/sources', $keep, 201);
        $this->ask('POST', '/heat/sources', $keep, 200);
        $this->ask('POST', '/heat/sources', ['id' => $this->newId()] + $keep, 409);
        $this->ask('POST', '/heat/sources', ['source' => ['kind' => 'oven']] + $keep, 422);
        self::assertSame(1, HeatSource::query()->count());
        $own = $this->ask('POST', '/heat', ['source' => $keep['source']] + self::tried(), 200);
        self::assertSame('shops-own', $own->json('source.origin'));
        $this->as(Role::FrontDesk);
        $this->ask('GET', '/heat/sources', status: 200)->assertJsonPath('data.0.name', 'Plate at the window');
        $this->ask('DELETE', '/heat/sources/' . $keep['id'], status: 403);
        $this->as(Role::Technician);
        $this->ask('DELETE', '/heat/sources/' . $keep['id'], status: 204);
        self::assertSame(0, HeatSource::query()->count());
    }

    public function testTheDeskLooksIntoAStackAndKnowsWhatThePanelIsWorth(): void
    {
        $this->as(Role::Technician);
        $answer = $this->ask('POST', '/heat', ['stack' => 'back', 'oldPanel' => 'give-up'] + self::tried(), 200);
        $layers = $answer->json('layers');
        $samples = $answer->json('samples');
        self::assertIsArray($layers);
        self::assertIsArray($samples);
        self::assertSame(['other', 'gap', 'battery'], array_slice(array_column($layers, 'role'), 0, 3));
        foreach (array_column($layers, 'temperatures') as $row) {
            self::assertIsArray($row);
            self::assertCount(count($samples), $row);
        }
        self::assertEquals(120, $answer->json('limits.panel'));
        self::assertEquals(90, $this->ask('POST', '/heat', self::tried(), 200)->json('limits.panel'));
        $this->ask('POST', '/heat', ['stack' => 'roof'] + self::tried(), 404);
        $this->ask('POST', '/heat', ['oldPanel' => 'sell'] + self::tried(), 422)->assertJsonValidationErrors([
            'oldPanel',
        ]);
    }

    public function testAPanelThatMayBeGivenUpIsCutFasterAndThePlanSaysSo(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $plate = ['source' => ['kind' => 'plate', 'set' => 85]];
        $pace = function () use ($t): float {
            foreach ((array) $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('openings.0.moves') as $move) {
                if (is_array($move) && is_array($move['way'])) {
                    assert(is_numeric($move['way']['pace']));

                    return (float) $move['way']['pace'];
                }
            }
            self::fail('the plan cuts nothing');
        };
        $saved = $pace();
        $t->change('plan', $plate + ['oldPanel' => 'give-up']);
        self::assertSame('give-up', $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('oldPanel'));
        self::assertSame('give-up', $this->ask('GET', "/jobs/$t->job", status: 200)->json('oldPanel'));
        self::assertGreaterThan(1.2 * $saved, $pace());
        $t->change('plan', $plate);
        self::assertSame(
            'save',
            $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('oldPanel'),
            'left out, the panel is saved',
        );
        $t->change('plan', $plate + ['oldPanel' => 'burn'], 422);
    }

    public function testAPlanIsMadeWithAnySource(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $air = ['kind' => 'hot-air', 'set' => 170, 'distance' => 30, 'edge' => 150];
        $t->change('plan', ['source' => $air]);
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        self::assertSame(['hot-air', true], [$plan->json('source.kind'), $plan->json('works')]);
        $heat = array_values(
            array_filter(
                (array) $plan->json('steps'),
                static fn(mixed $s): bool => is_array($s) && $s['kind'] === 'heat',
            ),
        )[0];
        self::assertIsArray($heat);
        self::assertSame(
            ['hot air', 'front'],
            [$heat['tool'], $heat['face']],
            'air comes from above, the phone does not lie on its face',
        );
        self::assertContains('hot-air', (array) $heat['hazards']);
        $t->change('plan', ['source' => ['kind' => 'grain-bag', 'mass' => 0.5, 'minutes' => 2.5]]);
        self::assertFalse(
            $this->ask('GET', "/jobs/$t->job/plan", status: 200)->json('works'),
            'a bag does not free a fresh seal',
        );
    }
}
