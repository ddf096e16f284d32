<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Runs;
use App\Models\ChipTry;
use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use Facelift\Plan\Step;
use Facelift\Schedule\Right;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** The old display's chip on to the new one: offered, chosen by an expert, done, or failed with the data rescued. */
final class ChipTest extends TestCase
{
    private const PART = 'S-103';

    public function testItIsOfferedWithItsPriceItsChanceAndTheHeat(): void
    {
        $t = $this->quoted(true);
        $option = $this->option($t);
        self::assertSame(['copy', 'leave', 'chip'], array_column((array) $option['data'], 'way'));
        self::assertEquals(
            ['chance' => 50, 'tries' => 0, 'from' => 0, 'to' => 100],
            array_intersect_key((array) $option['chip'], ['chance' => 0, 'tries' => 0, 'from' => 0, 'to' => 0]),
            'nothing on record: anything is possible',
        );
        self::assertTrue(Arr::get($option, 'chip.heats.0.yellows'));
        self::assertSame('milled', Arr::get($option, 'chip.off'));
        self::assertFalse(Arr::get($option, 'chip.heats.1.yellows'));
        $this->accept($t, 'chip', Arr::get($option, 'chip.total'), 200);
        $quote = Job::query()->findOrFail($t->job)->quote;
        self::assertSame('chip', $quote?->data?->way->way->value);
        self::assertSame(Arr::get($option, 'chip.total'), (string) $quote->charge->gross);
        $sheet = $this->get("/api/jobs/$t->job/receipt.pdf");
        $sheet->assertOk();
    }

    public function testItIsChosenOnlyByAnExpertAndAtItsOwnPrice(): void
    {
        $t = $this->quoted(false);
        $option = $this->option($t);
        self::assertFalse($this->ask('GET', "/jobs/$t->job/quote", [], 200)->json('expert'));
        $this->accept($t, 'chip', Arr::get($option, 'chip.total'), 422);
        $this->expert(true);
        $this->accept($t, 'chip', Arr::get($option, 'money.gross'), 409);
        $this->accept($t, 'copy', Arr::get($option, 'chip.total'), 409);
        $this->accept($t, 'chip', Arr::get($option, 'chip.total'), 200);
    }

    public function testTheRightIsGivenAndTakenByCommand(): void
    {
        $user = $this->as(Role::Technician);
        self::assertSame(0, Artisan::call('facelift:expert', ['email' => $user->email]));
        self::assertTrue($user->refresh()->may(Right::Expert));
        self::assertSame(0, Artisan::call('facelift:expert', ['email' => $user->email, '--off' => true]));
        self::assertFalse($user->refresh()->may(Right::Expert));
        self::assertSame(1, Artisan::call('facelift:expert', ['email' => 'nobody@lindenhalt.example']));
    }

    public function testNothingIsOfferedForAPartWithoutAPlaceForIt(): void
    {
        $t = $this->quoted(true, 'S-101');
        $option = $this->option($t);
        self::assertNull($option['chip']);
        self::assertSame(['copy', 'leave'], array_column((array) $option['data'], 'way'));
        $this->accept($t, 'chip', Arr::get($option, 'money.gross'), 422);
    }

    /** The customer thinks again before the bench begins: it is another decision, at another price. */
    public function testTheDecisionMayBeChangedBeforeTheBench(): void
    {
        $t = $this->quoted(true);
        $option = $this->option($t);
        $this->accept($t, 'copy', Arr::get($option, 'money.gross'), 200);
        $this->accept($t, 'chip', Arr::get($option, 'chip.total'), 200);
        $quote = Job::query()->findOrFail($t->job)->quote;
        self::assertSame('chip', $quote?->data?->way->way->value);
        self::assertSame(Arr::get($option, 'chip.total'), (string) $quote->charge->gross);
    }

    public function testFromDecisionToProof(): void
    {
        $t = $this->chosen();
        $kinds = array_map(static fn(Step $s): string => $s->kind()->value, array_values($this->plan($t)));
        self::assertContains('chip-set', $kinds);
        $t->workThrough();
        $proof = $this->ask('GET', "/jobs/$t->job/proof", [], 200)->json('data');
        self::assertIsArray($proof);
        self::assertNotContains('customer-notice-days', array_column($proof, 'code'), 'the notice went with the chip');
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        self::assertTrue(ChipTry::query()->findOrFail($t->job)->works);
    }

    public function testItFailsAndTheOldDisplaysDataIsReadAgain(): void
    {
        $t = $this->chosen();
        $t->workUpTo('chip-set:display');
        $this->ask('POST', "/jobs/$t->job/troubles", [
            'id' => $this->newId(),
            'at' => $t->now(),
            'step' => 'chip-set:display',
            'trouble' => 'chip-failed',
            'subject' => 'display',
        ], 200);
        self::assertFalse(ChipTry::query()->findOrFail($t->job)->works);
        $left = array_map(static fn(Step $s): string => $s->kind()->value, array_values($this->plan($t)));
        self::assertNotContains('chip-cool', $left);
        self::assertContains('chip-back', $left);
        $t->workUpTo('await-part:display');
        $hears = $this->ask('GET', "/jobs/$t->job/proof", [], 200)->json('data');
        self::assertIsArray($hears);
        self::assertContains('customer-function-lost', array_column($hears, 'code'), 'not copied yet');
        $next = $this->quoted(true);
        self::assertSame(1, Arr::get($this->option($next), 'chip.tries'), 'the shop learns from it');
    }

    private function chosen(): Technician
    {
        $t = $this->quoted(true);
        $this->accept($t, 'chip', Arr::get($this->option($t), 'chip.total'), 200);
        $t->goesOn();
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85], 'oldPanel' => 'save']);

        return $t;
    }

    /** @return array<string, Step> */
    private function plan(Technician $t): array
    {
        return app(Runs::class)->plan(Job::query()->findOrFail($t->job))->steps;
    }

    private function quoted(bool $expert, string $label = self::PART): Technician
    {
        $this->as(Role::Technician);
        $this->expert($expert);
        if (!ShelfItem::query()->exists()) {
            $this->shelf();
        }
        ShelfItem::query()->where('label', $label)->update(['job_id' => null]);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->change('scope', ['kind' => 'display-assembly', 'reason' => null]);
        $t->change('part', ['item' => ShelfItem::query()->where('label', $label)->firstOrFail()->id]);

        return $t;
    }

    private function expert(bool $is): void
    {
        $user = $this->as(Role::Technician);
        $user->update(['rights' => $is ? Right::cases() : []]);
    }

    /** @return array<mixed> */
    private function option(Technician $t): array
    {
        $options = $this->ask('GET', "/jobs/$t->job/quote", [], 200)->json('options');
        self::assertIsArray($options);
        self::assertIsArray($options[0]);

        return $options[0];
    }

    private function accept(Technician $t, string $way, mixed $gross, int $status): void
    {
        $job = Job::query()->findOrFail($t->job);
        $this->ask('PUT', "/jobs/$t->job/quote/acceptance", [
            'version' => $job->version,
            'kind' => 'display-assembly',
            'item' => $job->part->id ?? 0,
            'gross' => $gross,
            'warranty' => false,
            'data' => ['way' => $way, 'by' => 'M. Ansel'],
        ], $status);
    }
}
