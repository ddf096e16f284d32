<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\GateSignature;
use App\Models\Job;
use App\Models\PhonePage;
use App\Models\PhoneTest;
use App\Models\Role;
use App\Papers\JobSheet;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The page for the phone under test: one word, one gate, for a while; what it shows is in the job at once. */
final class UnderTestTest extends TestCase
{
    private Technician $t;

    protected function setUp(): void
    {
        parent::setUp();
        $this->t = $this->atBench();
        $this->t->workUpTo('gate:dry');
    }

    public function testWhatThePhoneShowsIsInTheJob(): void
    {
        $word = $this->opened('dry');
        $page = $this->get("/under-test/$word");
        $page->assertOk();
        $html = (string) $page->baseResponse->getContent();
        foreach (['T-0', $this->t->job, 'QV-2110', 'Vesper', 'Ansel'] as $ofTheJob) {
            self::assertStringNotContainsString($ofTheJob, $html);
        }
        self::assertStringContainsString('data-shows', $html);
        self::assertSame([], $page->headers->getCookies(), 'no cookie, no session');
        $answer = $this->sent($word, 'touch', 'pass', ['strokes' => [[[7, 0.1, 0], [7, 138.5, 900]]]]);
        self::assertSame('fail', $answer->json('outcome'), 'whatever the page says: its strokes do not show it');
        $figures = $answer->json('figures');
        self::assertIsArray($figures);
        self::assertLessThan(15, $figures['percent']);
        self::assertCount(2, (array) $figures['missed'], 'left and right of one stroke');
        $this->sent($word, 'image', 'pass', ['marks' => []])->assertOk();
        $bench = $this->ask('GET', "/jobs/{$this->t->job}/bench", [], 200)->json('tests');
        self::assertContains(
            ['gate' => 'dry', 'function' => 'touch', 'outcome' => 'fail', 'how' => 'on-the-phone'],
            (array) $bench,
        );
        $tests = $this->ask('GET', "/jobs/{$this->t->job}/phone-tests", [], 200)->json('data');
        self::assertSame(['touch', 'image'], array_column((array) $tests, 'function'));
    }

    public function testTheSameAgainIsKeptOnce(): void
    {
        $word = $this->opened('dry');
        $id = $this->newId();
        foreach ([[[10, 20]], []] as $marks) {
            $answer = $this->sent(
                $word,
                'image',
                'pass',
                ['marks' => $marks],
                $id,
            );
            self::assertSame('fail', $answer->json('outcome'), 'a place was marked, and the first word holds');
            self::assertEquals([[10, 20]], $answer->json('figures.marks'));
        }
        self::assertSame(1, PhoneTest::query()->count());
    }

    public function testEveryOtherWordOpensNothing(): void
    {
        $word = $this->opened('dry');
        $later = $this->opened('dry');
        $this->get("/under-test/$word")->assertNotFound();
        $this->get('/under-test/' . str_repeat('a', 40))->assertNotFound();
        $this->get('/under-test/short')->assertNotFound();
        $this->get('/under-test/' . strrev($later))->assertNotFound();
        $hash = PhonePage::query()->firstOrFail()->token;
        $this->get('/under-test/' . substr($hash, 0, 40))->assertNotFound();
        Carbon::setTestNow(now()->addMinutes(31));
        $this->get("/under-test/$later")->assertNotFound();
        $this->sent($later, 'image', 'pass')->assertNotFound();
        Carbon::setTestNow();
        $this->get("/under-test/$later")->assertOk();
        $this->as(Role::Technician);
        $this->t->workUpTo('last-liner:seal');
        $this->get("/under-test/$later")->assertNotFound();
        self::assertSame(0, PhoneTest::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function bad(): iterable
    {
        yield 'no id' => [['id' => 'x']];
        yield 'a function that it cannot test' => [['function' => 'sim']];
        yield 'an outcome that is none' => [['outcome' => 'fine']];
        yield 'too many strokes' => [['strokes' => array_fill(0, 401, [])]];
        yield 'a mark off the glass' => [['marks' => [[1000, 2]]]];
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('bad')]
    public function testWhatMakesNoSenseIsNotKept(array $wrong): void
    {
        $word = $this->opened('dry');
        $this->sent($word, 'image', 'pass', $wrong)->assertStatus(422);
        self::assertSame(0, PhoneTest::query()->count());
    }

    public function testGuessingIsSlowedDown(): void
    {
        $statuses = [];
        for ($i = 0; $i < 125; ++$i) {
            $statuses[] = $this->get('/under-test/' . str_repeat('b', 40))->baseResponse->getStatusCode();
        }
        self::assertContains(429, $statuses);
    }

    private function opened(string $gate): string
    {
        $page = $this->ask('POST', "/jobs/{$this->t->job}/phone-page", ['gate' => $gate], 200)->json();
        self::assertIsArray($page);
        $size = count((array) $page['code']);
        self::assertGreaterThan(20, $size);
        $row = Arr::get((array) $page['code'], 0);
        self::assertIsString($row);
        self::assertSame($size, strlen($row));
        $address = $page['address'];
        self::assertIsString($address);

        return basename($address);
    }

    public function testAMicrophoneThatHearsNothingHasNotPassed(): void
    {
        $this->t->workUpTo('gate:finished');
        $word = $this->opened('finished');
        $deaf = ['told' => ['floor' => -62, 'level' => -57]];
        self::assertSame('fail', $this->sent($word, 'microphone', 'pass', $deaf)->json('outcome'));
        $hears = ['told' => ['floor' => -62.0, 'level' => -31.5, 'heard' => 'top bottom']];
        $answer = $this->sent($word, 'microphone', 'pass', $hears);
        self::assertSame('pass', $answer->json('outcome'));
        self::assertEquals(['floor' => -62, 'level' => -31.5, 'heard' => 'top bottom'], $answer->json('figures.told'));
        $this->sent($word, 'microphone', 'pass', ['told' => ['imei' => '490154203237518']])->assertUnprocessable();
    }

    public function testTheCustomerSignsOnThePhoneForTheLastGateAlone(): void
    {
        $dry = $this->opened('dry');
        $signed = ['id' => $this->newId(), 'at' => $this->t->now(), 'name' => 'Ilka', 'strokes' => [[[1, 2], [9, 8]]]];
        $this->postJson("/under-test/$dry/signature", $signed)->assertConflict();
        $this->t->workUpTo('gate:finished');
        $word = $this->opened('finished');
        $this->sent($word, 'image', 'pass', ['marks' => []])->assertOk();
        $this->sent($word, 'touch', 'pass', ['strokes' => []])->assertOk();
        foreach ([1, 2] as $_) {
            $this->postJson("/under-test/$word/signature", $signed)->assertOk();
        }
        $kept = GateSignature::query()->sole();
        self::assertSame(['image'], $kept->passed['passed']);
        self::assertSame(['touch'], $kept->passed['failed']);
        self::assertContains('earpiece', $kept->passed['open']);
        $this->as(Role::Technician);
        $after = $this->ask('GET', "/jobs/{$this->t->job}/after", [], 200);
        $after->assertJsonPath('signed.0.name', 'Ilka');
        $html = app(JobSheet::class)->html(Job::query()->findOrFail($this->t->job));
        self::assertStringContainsString('Signed on the phone by Ilka', $html);
        self::assertStringContainsString('Touch felt over', $html);
        $this->postJson("/under-test/$word/signature", ['strokes' => []] + $signed)->assertUnprocessable();
        $this->postJson('/under-test/' . str_repeat('b', 40) . '/signature', $signed)->assertNotFound();
    }

    /**
     * As the phone sends it: by nobody who is signed in.
     *
     * @param array<string, mixed> $more
     *
     * @return TestResponse<Response>
     */
    private function sent(
        string $word,
        string $function,
        string $outcome,
        array $more = [],
        ?string $id = null,
    ): TestResponse {
        Auth::forgetGuards();
        $this->flushSession();

        $answer = $this->postJson("/under-test/$word/results", $more + [
            'id' => $id ?? $this->newId(),
            'at' => $this->t->now(),
            'function' => $function,
            'outcome' => $outcome,
        ]);
        $this->as(Role::Technician);

        return $answer;
    }
}
