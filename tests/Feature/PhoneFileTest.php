<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PhoneDrawing;
use App\Models\Role;
use App\Phones\PhoneBench;
use Facelift\Tests\Phones;
use Tests\TestCase;

final class PhoneFileTest extends TestCase
{
    public function testAFileIsCheckedAndPlannedWhileItIsDrawn(): void
    {
        $this->as(Role::FrontDesk);
        foreach (Phones::ids() as $id) {
            $good = $this->ask('POST', '/phone-files/check', ['document' => Phones::data($id)], 200);
            self::assertSame([], $good->json('faults'), $id);
            foreach ((array) $good->json('plans') as $plan) {
                self::assertIsArray($plan);
                self::assertTrue($plan['works'], $id);
                self::assertTrue($plan['optimal']);
                self::assertNotSame([], $plan['steps']);
            }
        }
        $bad = Phones::data('quillon-vesper');
        $bad['parts'] = [];
        $answer = $this->ask('POST', '/phone-files/check', ['document' => $bad], 200);
        self::assertNotSame([], $answer->json('faults'));
        self::assertSame([], $answer->json('plans'));
        $this->ask('POST', '/phone-files/check', [], 422);
    }

    public function testTheTextOfAFileIsTakenAsItIs(): void
    {
        $this->as(Role::FrontDesk);
        $good = (string) file_get_contents(base_path('phones/quillon-vesper.phone.json'));
        $this->ask('POST', '/phone-files/text', ['fileText' => $good], 204);
        $wrong = [
            'identity.id' => [(string) preg_replace('/("id": "[^"]+")/', '$1, $1', $good, 1), 'stands a second time'],
            'document' => ["\u{FEFF}" . $good, 'byte order mark'],
        ];
        foreach ($wrong as $where => [$text, $why]) {
            $said = $this->ask('POST', '/phone-files/text', ['fileText' => $text], 422)->json('errors');
            self::assertIsArray($said);
            self::assertSame([$where], array_keys($said));
            self::assertStringContainsString($why, (string) json_encode($said));
        }
        $this->ask('POST', '/phone-files/text', ['fileText' => str_repeat(' ', 2_000_001)], 422);
    }

    public function testAnObjectWithoutMembersStaysOne(): void
    {
        $this->as(Role::Technician);
        // Held by screws alone: no bond, and nothing of layers to heat through.
        $bare = Phones::changed('tivane-quire', ['bonds' => [], 'stacks' => [], 'fasteners.0.after' => []]);
        $this->ask('PUT', '/phone-files/tivane-quire', ['document' => $bare, 'version' => 0], 200);
        $answer = $this->ask('GET', '/phone-files/tivane-quire', [], 200)->baseResponse->getContent();
        self::assertStringContainsString('"stacks":{}', (string) $answer);
    }

    public function testWhatCannotBePlannedInTimeIsSaid(): void
    {
        $many = Phones::data('quillon-vesper');
        $drivers = ['P2', 'Y000', 'PH000', 'PH00', 'T3', 'T5', 'T6'];
        $screws = $many['fasteners'];
        assert(is_array($screws));
        for ($i = 0; $i < 150; ++$i) {
            $first = (array) $screws[$i % 5];
            unset($first['after']);
            $after = $i < 7 ? [] : ['after' => ['extra-' . intdiv($i, 2)]];
            $screws[] = ['id' => "extra-$i", 'driver' => $drivers[$i % 7]] + $after + $first;
        }
        $many['fasteners'] = $screws;
        $check = $this->app->makeWith(PhoneBench::class, ['patience' => 0.0])->check($many);
        self::assertSame([], $check['faults']);
        self::assertCount(3, $check['plans']);
        foreach ($check['plans'] as $plan) {
            self::assertFalse($plan['works']);
            self::assertSame(['There was no time left to plan this kind of part'], $plan['warnings']);
        }
        // What the page asks answers all the same, and says so of kinds that were not reached.
        $this->as(Role::Technician);
        $this->ask('POST', '/phone-files/check', ['document' => $many], 200);
    }

    public function testVersionsAreKeptWithWhatChangedAndNothingThatIsFaulty(): void
    {
        $this->as(Role::Technician);
        $one = self::pivot();
        $this->ask('PUT', '/phone-files/tivane-pivot', ['document' => $one, 'version' => 0], 200)->assertJsonPath(
            'id',
            'tivane-pivot@1',
        );
        $this->ask('PUT', '/phone-files/tivane-pivot', ['document' => $one, 'version' => 0], 200)->assertJsonPath(
            'version',
            1,
        );
        $two = self::pivot(['body.thickness' => 9.5, 'parts.1.name' => 'Screen']);
        $this->ask('PUT', '/phone-files/tivane-pivot', ['document' => $two, 'version' => 0], 409)->assertJsonPath(
            'code',
            'stale-version',
        );
        $this->ask('PUT', '/phone-files/tivane-pivot', ['document' => $two, 'version' => 1], 200)->assertJsonPath(
            'version',
            2,
        );
        $faulty = ['parts' => []] + $two;
        $this->ask('PUT', '/phone-files/tivane-pivot', ['document' => $faulty, 'version' => 2], 422);
        $this->ask(
            'PUT',
            '/phone-files/other-id',
            ['document' => $two, 'version' => 0],
            422,
        )->assertJsonValidationErrors(['identity.id']);
        self::assertSame(2, PhoneDrawing::query()->count());
        $versions = $this->ask('GET', '/phone-files/tivane-pivot/versions', status: 200);
        self::assertSame([2, 1], array_column((array) $versions->json('data'), 'version'));
        self::assertEqualsCanonicalizing(
            ['thickness', 'name'],
            array_map(
                static fn(mixed $c): mixed => is_array($c) && is_array($c['figures']) ? $c['figures']['member'] : null,
                (array) $versions->json('data.0.changes'),
            ),
        );
        $this->ask('GET', '/phone-files/tivane-pivot', status: 200)
            ->assertJsonPath('version', 2)
            ->assertJsonPath('ships', false);
        $this->as(Role::FrontDesk);
        $this->ask('PUT', '/phone-files/tivane-pivot', ['document' => $two, 'version' => 2], 403);
    }

    public function testAJobKeepsTheVersionItWasOpenedWith(): void
    {
        $this->as(Role::Technician);
        $this->ask('PUT', '/phone-files/tivane-pivot', ['document' => self::pivot(), 'version' => 0], 200);
        $found = $this->ask('GET', '/phones?q=pivot', status: 200);
        self::assertSame('tivane-pivot@1', $found->json('data.0.id'));
        $t = new Technician($this, $this->newId());
        $t->checkIn('tivane-pivot@1', 'TP-1', ['cracked-glass']);
        $this->ask(
            'PUT',
            '/phone-files/tivane-pivot',
            ['document' => self::pivot(['body.thickness' => 9.5]), 'version' => 1],
            200,
        );
        self::assertSame('tivane-pivot@2', $this->ask('GET', '/phones?q=pivot', status: 200)->json('data.0.id'));
        $job = $this->ask('GET', "/jobs/$t->job", status: 200);
        self::assertSame('tivane-pivot@1', $job->json('phone.id'));
        self::assertEqualsWithDelta(
            7.9,
            $this->ask('GET', '/phones/tivane-pivot@1', status: 200)->json('body.thickness'),
            1e-9,
        );
        $this->ask('GET', '/phones/tivane-pivot@7', status: 404);
        $this->ask('GET', '/phone-files/no-such-phone', status: 404);
    }

    public function testAnOutlineComesInFromADrawingOrIsRefusedWithItsReason(): void
    {
        $this->as(Role::Technician);
        $this->ask(
            'POST',
            '/phone-files/outline',
            [
                'svg' => '<svg xmlns="http://www.w3.org/2000/svg" width="71.4mm" viewBox="0 0 714 1462">'
                    . '<rect width="714" height="1462" rx="102"/></svg>',
            ],
            200,
        )->assertExactJson(['width' => 71.4, 'height' => 146.2, 'cornerRadius' => 10.2]);
        $this->ask(
            'POST',
            '/phone-files/outline',
            ['svg' => '<svg xmlns="http://www.w3.org/2000/svg"/>'],
            422,
        )->assertJsonValidationErrors(['svg']);
        $this->ask(
            'POST',
            '/phone-files/outline',
            ['svg' => '<!DOCTYPE x [<!ENTITY a SYSTEM "file:///etc/passwd">]><svg>&a;</svg>'],
            422,
        );
        $this->ask('POST', '/phone-files/outline', ['svg' => 'no drawing'], 422);
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function pivot(array $changes = []): array
    {
        return Phones::changed(
            'quillon-vesper',
            [
                'identity.id' => 'tivane-pivot',
                'identity.maker' => 'Tivane',
                'identity.model' => 'Pivot',
                'identity.codes' => [['code' => 'TP-1', 'region' => 'Europe']],
            ] + $changes,
        );
    }
}
