<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BenchEvent;
use App\Models\PlanChange;
use App\Models\Role;
use Facelift\Quantity\Money;
use Tests\Schemas;
use Tests\TestCase;

final class TroubleTest extends TestCase
{
    public function testATroubleChangesThePlanOnceAndBothAreKept(): void
    {
        $t = $this->atScrews();
        $possible = $this->ask('GET', "/jobs/$t->job/troubles/unscrew:tail-screws", status: 200);
        self::assertSame(['screw-stripped', 'screw-lost'], array_column((array) $possible->json('data'), 'trouble'));
        $body = $this->trouble('unscrew:tail-screws', 'screw-stripped', 'tail-screws');
        foreach (['once', 'twice'] as $time) {
            $this->ask('POST', "/jobs/$t->job/troubles", $body, 200);
            self::assertSame(1, PlanChange::query()->count(), $time);
        }
        self::assertSame(1, BenchEvent::query()->where('type', 'trouble')->count());
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        $ids = array_column((array) $plan->json('steps'), 'id');
        $at = array_search('extract-screw:tail-screws', $ids, true);
        self::assertIsInt($at);
        self::assertSame('unscrew:tail-screws', $ids[$at + 1]);
        $refused = (array) $t->send([$t->event('step-done', ['step' => 'unscrew:tail-screws'])])['refused'];
        self::assertCount(1, $refused);
        $this->version($t);
        $t->workThrough();
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        $happened = $this->ask('GET', "/jobs/$t->job/troubles", status: 200);
        self::assertSame(
            ['screw-stripped', 'Tail screws', false],
            [$happened->json('data.0.trouble'), $happened->json('data.0.name'), $happened->json('data.0.quote')],
        );
        $export = $this->ask('GET', "/jobs/$t->job/export.json", status: 200);
        self::assertSame(
            [],
            Schemas::faults(json_decode((string) $export->baseResponse->getContent()), 'schemas/job.schema.json'),
        );
        self::assertNotContains(
            'extract-screw:tail-screws',
            array_column((array) $export->json('earlierPlans.0.plan.steps'), 'id'),
        );
    }

    public function testWhatCannotHappenThereIsRefusedAndNothingIsKept(): void
    {
        $t = $this->atScrews();
        $this->ask(
            'POST',
            "/jobs/$t->job/troubles",
            $this->trouble('unscrew:tail-screws', 'cell-bent', 'battery'),
            422,
        )->assertJsonValidationErrors(['trouble']);
        $this->ask(
            'POST',
            "/jobs/$t->job/troubles",
            $this->trouble('unscrew:tail-screws', 'thunder', 'battery'),
            422,
        )->assertJsonValidationErrors(['trouble']);
        self::assertSame([], (array) $this->ask('GET', "/jobs/$t->job/troubles/power-off", status: 200)->json('data'));
        self::assertSame(0, PlanChange::query()->count() + BenchEvent::query()->where('type', 'trouble')->count());
        $refused = (array) $t->send([$t->event('trouble', ['step' => 'power-off'])])['refused'];
        self::assertCount(1, $refused, 'not as a bare event');
        $this->as(Role::FrontDesk);
        $this->ask(
            'POST',
            "/jobs/$t->job/troubles",
            $this->trouble('unscrew:tail-screws', 'screw-lost', 'tail-screws'),
            403,
        );
    }

    public function testATornPairedFlexIsOrderedAndThePriceNoLongerHolds(): void
    {
        $t = $this->atScrews();
        $this->ask(
            'POST',
            "/jobs/$t->job/troubles",
            $this->trouble('part-bond:sensor-glue', 'flex-torn', 'earpiece-flex'),
            200,
        );
        $happened = $this->ask('GET', "/jobs/$t->job/troubles", status: 200);
        self::assertSame(
            ['paired-function-lost', 'part-is-ordered', 'quote-no-longer-holds'],
            array_column((array) $happened->json('data.0.because'), 'code'),
        );
        self::assertTrue($happened->json('data.0.quote'));
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        $ids = array_column((array) $plan->json('steps'), 'id');
        self::assertContains('await-part:earpiece-flex', $ids);
        $this->version($t);
        $t->workThrough();
        self::assertNull($this->ask('GET', "/jobs/$t->job/bench", status: 200)->json('next'));
    }

    public function testWhatATroubleAddsIsSaidAgreedOnceAndPaid(): void
    {
        $t = $this->atScrews();
        $before = $this->ask('GET', "/jobs/$t->job", status: 200);
        $trouble = $this->trouble('part-bond:sensor-glue', 'flex-torn', 'earpiece-flex');
        $this->ask('POST', "/jobs/$t->job/troubles", $trouble, 200);
        self::assertIsString($trouble['id']);
        $path = "/jobs/$t->job/troubles/{$trouble['id']}/price";
        $said = $this->ask('GET', $path . '?cost=12.50&minutes=15', status: 200)->json('gross');
        self::assertIsString($said);
        $this->version($t);
        $body = ['version' => $t->version, 'cost' => '12.50', 'minutes' => 15, 'gross' => $said];
        $this->ask('PUT', $path, ['gross' => '1.00'] + $body, 409)->assertJsonPath('code', 'quote-moved');
        $this->ask('PUT', $path, ['cost' => '-3'] + $body, 422)->assertJsonValidationErrors(['cost']);
        self::assertNull(PlanChange::query()->findOrFail($trouble['id'])->gross, 'nothing is half-kept');
        $t->workThrough();
        $this->version($t);
        $this->ask(
            'PUT',
            "/jobs/$t->job/hand-over",
            ['version' => $t->version, 'customerTold' => true, 'filmOff' => true, 'newFaultsReason' => null],
            422,
        )->assertJsonValidationErrors(['price']);
        foreach (['once', 'twice'] as $time) {
            $this->ask('PUT', $path, ['version' => $t->version] + $body, 200);
            $after = $this->ask('GET', "/jobs/$t->job", status: 200)->json('accepted');
            self::assertIsArray($after);
            foreach (['due' => 'due', 'money.gross' => 'gross'] as $key => $name) {
                $old = $before->json('accepted.' . $key);
                self::assertIsString($old);
                $new = data_get($after, $key);
                self::assertIsString($new);
                self::assertTrue(Money::of($new)->equals(Money::of($old)->plus(Money::of($said))), "$name, $time");
            }
            $money = $after['money'] ?? null;
            self::assertIsArray($money);
            [$gross, $net, $tax] = [$money['gross'] ?? null, $money['net'] ?? null, $money['tax'] ?? null];
            self::assertIsString($net);
            self::assertIsString($tax);
            self::assertSame(
                $gross,
                (string) Money::of($net)->plus(Money::of($tax)),
                'net and tax make up the gross, still',
            );
        }
        $this->version($t);
        $this->ask('PUT', $path, ['version' => $t->version, 'cost' => '20.00'] + $body, 409)->assertJsonPath(
            'code',
            'not-reachable',
        );
        // Whoever may say yes to a quote may say yes to an addition; the same again changes nothing.
        $this->as(Role::FrontDesk);
        $this->ask('PUT', $path, ['version' => $t->version] + $body, 200);
        $this->as(Role::Technician);
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        self::assertSame(
            $said,
            $this->ask('GET', "/jobs/$t->job/export.json", status: 200)->json('earlierPlans.0.agreed'),
        );
    }

    public function testATroubleWithoutAPriceHasNoneToAgreeOn(): void
    {
        $t = $this->atScrews();
        $trouble = $this->trouble('unscrew:tail-screws', 'screw-lost', 'tail-screws');
        $this->ask('POST', "/jobs/$t->job/troubles", $trouble, 200);
        self::assertIsString($trouble['id']);
        $this->version($t);
        $body = ['version' => $t->version, 'cost' => '0', 'minutes' => 0, 'gross' => '0.00'];
        $this->ask('PUT', "/jobs/$t->job/troubles/{$trouble['id']}/price", $body, 409)->assertJsonPath(
            'code',
            'not-reachable',
        );
        $this->ask('PUT', "/jobs/$t->job/troubles/{$this->newId()}/price", $body, 404);
    }

    private function atScrews(): Technician
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        foreach (['power-off', 'take-out:sim-tray', 'tape-glass'] as $step) {
            $t->send([$t->event('step-done', ['step' => $step])]);
        }

        return $t;
    }

    private function version(Technician $t): void
    {
        $version = $this->ask('GET', "/jobs/$t->job", status: 200)->json('version');
        self::assertIsInt($version);
        $t->version = $version;
    }

    /** @return array<string, mixed> */
    private function trouble(string $step, string $trouble, string $subject): array
    {
        return [
            'id' => $this->newId(),
            'at' => now()->getTimestampMs(),
            'step' => $step,
            'trouble' => $trouble,
            'subject' => $subject,
        ];
    }
}
