<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\GlassTry;
use App\Models\Job;
use App\Models\PartState;
use App\Models\ReturnState;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\ShopRule;
use App\Models\SupplierReturn;
use Facelift\Cost\ShopRulesReader;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class QuoteTest extends TestCase
{
    private function atQuote(
        string $phone = 'quillon-vesper',
        string $code = 'QV-2110',
        string $kind = 'display-assembly',
        string $label = 'S-101',
    ): Technician {
        $t = new Technician($this, $this->newId());
        $t->checkIn($phone, $code, ['cracked-glass']);
        $t->change('scope', ['kind' => $kind, 'reason' => null, 'worth' => '240.00']);
        $t->change('part', ['item' => ShelfItem::query()->where('label', $label)->firstOrFail()->id]);

        return $t;
    }

    public function testAnAcceptedQuoteReservesThePartAndPutsTheJobOnTheBenchList(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $t = $this->atQuote();
        self::assertFalse($this->ask('GET', "/jobs/$t->job", status: 200)->json('stations.4.reachable'));
        $t->accept('display-assembly');
        $job = $this->ask('GET', "/jobs/$t->job", status: 200);
        self::assertTrue($job->json('stations.4.reachable'));
        self::assertNotNull($job->json('promisedAt'));
        self::assertSame('0.00', $job->json('accepted.insured'));
        self::assertSame($job->json('accepted.money.gross'), $job->json('accepted.due'));
        self::assertSame($t->job, ShelfItem::query()->where('label', 'S-101')->firstOrFail()->job_id);
        $version = $t->version;
        $t->accept('display-assembly');
        self::assertSame($version, $t->version, 'accepting twice changes nothing');
    }

    public function testThePriceOfEveryOptionKeepsTheMarginFloor(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $t = $this->atQuote();
        $options = (array) $this->ask('GET', "/jobs/$t->job/quote", status: 200)->json('options');
        self::assertGreaterThan(1, count($options));
        foreach ($options as $option) {
            self::assertIsArray($option);
            self::assertIsArray($option['money']);
            self::assertIsArray($option['money']['inside']);
            self::assertFalse($option['money']['inside']['underFloor']);
            self::assertIsString($option['money']['net']);
            self::assertIsString($option['money']['gross']);
            self::assertIsString($option['money']['inside']['margin']);
            self::assertGreaterThanOrEqual(
                0.25 * (float) $option['money']['net'] - 0.02,
                (float) $option['money']['inside']['margin'],
            );
            self::assertSame(
                0,
                (int) round(100 * (float) $option['money']['gross']) % 100,
                'rounded up to whole amounts',
            );
        }
    }

    public function testTheMarginIsForOwnerAndTechnicianOnly(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $t = $this->atQuote();
        $t->accept('display-assembly');
        foreach ([[Role::Owner, true], [Role::Technician, true], [Role::FrontDesk, false]] as [$role, $sees]) {
            $this->as($role);
            self::assertSame(
                $sees,
                $this->ask('GET', "/jobs/$t->job/quote", status: 200)->json('options.0.money.inside') !== null,
            );
            self::assertSame(
                $sees,
                $this->ask('GET', "/jobs/$t->job", status: 200)->json('accepted.money.inside') !== null,
            );
            $scope = (string) $this->ask('GET', "/jobs/$t->job/scope", status: 200)->baseResponse->getContent();
            self::assertSame($sees, str_contains($scope, 'least-expected-cost'));
            self::assertSame($sees, $this->ask('GET', '/shelf/items/S-101', status: 200)->json('cost') !== null);
            $this->ask('GET', '/rules', status: $role === Role::Owner ? 200 : 403);
            $this->ask('GET', '/shelf/export.csv', status: $sees ? 200 : 403);
        }
    }

    public function testAPriceThatHasMovedIsNotAcceptedBehindTheCustomersBack(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $t = $this->atQuote();
        $seen = $t->option('display-assembly');
        $rules = $this->ask('GET', '/rules', status: 200);
        $dearer = array_replace((array) $rules->json('rules'), ['hourlyRate' => '72.00']);
        $this->ask('PUT', '/rules', ['version' => $rules->json('version'), 'rules' => $dearer], 200);
        $this->ask(
            'PUT',
            "/jobs/$t->job/quote/acceptance",
            ['version' => $t->version, 'kind' => 'display-assembly'] + $seen,
            409,
        )->assertJsonPath('code', 'quote-moved');
        self::assertNull(Job::query()->findOrFail($t->job)->accepted_at);
        $t->accept('display-assembly');
    }

    public function testBadRulesAreRefusedWholeAndStaleOnesTold(): void
    {
        $this->as(Role::Owner);
        $kept = $this->ask('GET', '/rules', status: 200);
        $this->ask(
            'PUT',
            '/rules',
            ['version' => 1, 'rules' => array_replace((array) $kept->json('rules'), ['taxRate' => '19'])],
            422,
        )->assertJsonPath('errors.taxRate.0', 'must be a share from 0 to below 1, such as 0.19');
        $changed = array_replace((array) $kept->json('rules'), ['sundries' => '2.00']);
        $this->ask('PUT', '/rules', ['version' => 1, 'rules' => $changed], 200)->assertJsonPath('version', 2);
        $this->ask('PUT', '/rules', ['version' => 1, 'rules' => $changed], 200)->assertJsonPath('version', 2);
        $this->ask('PUT', '/rules', ['version' => 1, 'rules' => $kept->json('rules')], 409)->assertJsonPath(
            'code',
            'stale-version',
        );
    }

    public function testARefusedQuoteFreesThePartAndClosesTheJobWithAReceipt(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $t = $this->atQuote();
        $t->change('quote/refusal', ['reason' => 'Too dear for a phone of that age']);
        self::assertNull(ShelfItem::query()->where('label', 'S-101')->firstOrFail()->job_id);
        $job = $this->ask('GET', "/jobs/$t->job", status: 200);
        self::assertSame(
            ['refused', 'Too dear for a phone of that age'],
            [$job->json('closedAs'), $job->json('closedReason')],
        );
        $receipt = WholePathTest::textOf(
            (string) $this->ask('GET', "/jobs/$t->job/receipt.pdf", status: 200)->baseResponse->getContent(),
        );
        self::assertStringContainsString('Handed back unrepaired', $receipt);
        $this->ask(
            'PUT',
            "/jobs/$t->job/plan",
            ['version' => $t->version, 'source' => ['kind' => 'plate', 'set' => 85]],
            409,
        );
    }

    public function testTheQuoteOnPaperNamesPriceTaxAndWhatTheCustomerMustHear(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $t = $this->atQuote(label: 'S-103');
        $gross = $t->option('display-assembly')['gross'];
        $text = WholePathTest::textOf(
            (string) $this->ask('GET', "/jobs/$t->job/quote.pdf", status: 200)->baseResponse->getContent(),
        );
        foreach (
            [
                $gross . ' EUR',
                '19 % tax',
                'Water resistance as new is not promised',
                'hard OLED',
                'rounded up to whole multiples',
                '240.00',
            ] as $wanted
        ) {
            self::assertStringContainsString($wanted, $text);
        }
        self::assertStringNotContainsStringIgnoringCase('margin', $text);
    }

    public function testAnotherPartIsAnotherPrice(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $t = $this->atQuote();
        $t->accept('display-assembly');
        $t->change('part', ['item' => ShelfItem::query()->where('label', 'S-102')->firstOrFail()->id]);
        self::assertNull($this->ask('GET', "/jobs/$t->job", status: 200)->json('accepted'));
    }

    public function testGlassOnlyIsShownBesideTheShopsOwnRecord(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        for ($i = 0; $i < 20; ++$i) {
            GlassTry::query()->create(['id' => $this->newId(), 'whole' => $i < 18]);
        }
        $t = $this->atQuote();
        $ways = (array) $this->ask('GET', "/jobs/$t->job/scope", status: 200)->json('kinds');
        $glass = array_values(
            array_filter($ways, static fn(mixed $w): bool => is_array($w) && $w['kind'] === 'glass-only'),
        )[0];
        self::assertIsArray($glass);
        self::assertIsArray($glass['glass']);
        self::assertSame('glass-pays', $glass['glass']['code']);
        self::assertIsArray($glass['glass']['figures']);
        // Wilson 95 % for 18 of 20: 0.699 to 0.972.
        self::assertSame(
            [18, 20, 70, 97],
            [
                $glass['glass']['figures']['successes'],
                $glass['glass']['figures']['tries'],
                $glass['glass']['figures']['low'],
                $glass['glass']['figures']['high'],
            ],
        );
        self::assertGreaterThan(0, $glass['breakEven']);
        self::assertTrue($glass['suits']);
    }

    #[TestWith([0, ReturnState::Open, PartState::Faulty])]
    #[TestWith([PHP_INT_MAX, ReturnState::Refused, PartState::Faulty])]
    public function testAPartThatFailsBeforeGluingGoesBackAndAnotherIsTaken(
        int $steps,
        ReturnState $return,
        PartState $state,
    ): void {
        $this->as(Role::Technician);
        $this->shelf();
        $t = $this->atQuote();
        $t->accept('display-assembly');
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85]]);
        $steps === 0 ? $t->send([$t->event('step-done', ['step' => 'power-off'])]) : $t->workThrough();
        $id = $this->newId();
        $t->change('part-failure', ['id' => $id, 'reason' => 'Green line at the trial']);
        $t->change('part-failure', ['id' => $id, 'reason' => 'Green line at the trial']);
        self::assertSame([$return], SupplierReturn::query()->pluck('state')->all());
        self::assertSame(
            [$state, null],
            [
                ShelfItem::query()->where('label', 'S-101')->firstOrFail()->state,
                ShelfItem::query()->where('label', 'S-101')->firstOrFail()->job_id,
            ],
        );
        $this->ask(
            'PUT',
            "/jobs/$t->job/hand-over",
            ['version' => $t->version, 'customerTold' => true, 'filmOff' => true],
            422,
        )->assertJsonValidationErrors(['part']);
        $this->ask(
            'PUT',
            "/jobs/$t->job/part",
            ['version' => $t->version, 'item' => ShelfItem::query()->where('label', 'S-101')->firstOrFail()->id],
            422,
        );
        $t->change('part', ['item' => ShelfItem::query()->where('label', 'S-102')->firstOrFail()->id]);
        self::assertNotNull(Job::query()->findOrFail($t->job)->plan, 'the run goes on where it is');
        $row = $this->ask('GET', '/returns', status: 200);
        self::assertSame('S-101', $row->json('data.0.item.label'));
        if ($return === ReturnState::Open) {
            $this->ask('PUT', '/returns/' . $id, ['version' => 1, 'state' => 'sent'], 200)->assertJsonPath(
                'version',
                2,
            );
            self::assertSame(PartState::Returned, ShelfItem::query()->where('label', 'S-101')->firstOrFail()->state);
            $this->ask('PUT', '/returns/' . $id, ['version' => 1, 'state' => 'credited'], 409);
        }
    }

    public function testAPlanUsesAsManyPicksAsTheShopHas(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        // Rules that were kept before picks were asked for go on with the usual number.
        ShopRule::query()->create(['version' => 1, 'rules' => array_diff_key(ShopRulesReader::USUAL, ['picks' => 0])]);
        $kept = $this->ask('GET', '/rules', status: 200);
        self::assertSame(6, $kept->json('rules.picks'));
        $two = array_replace((array) $kept->json('rules'), ['picks' => 2]);
        $this->ask(
            'PUT',
            '/rules',
            ['version' => 1, 'rules' => array_replace($two, ['picks' => 0])],
            422,
        )->assertJsonValidationErrors(['picks']);
        $this->ask('PUT', '/rules', ['version' => 1, 'rules' => $two], 200);
        $this->as(Role::Technician);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->planned('display-assembly', 'S-101');
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        self::assertSame(2, $plan->json('picks'));
        [$out, $most] = [0, 0];
        foreach ((array) $plan->json('steps') as $step) {
            self::assertIsArray($step);
            self::assertIsArray($step['effects']);
            $out += count(array_keys((array) $step['effects']['puts'], 'picks', true));
            $most = max($most, $out);
            $out -= count(array_keys((array) $step['effects']['takes'], 'picks', true));
        }
        self::assertSame(2, $most);
        self::assertSame(0, $out);
    }

    /** Before other rules are kept it is seen what they would have done to what was accepted lately. */
    public function testWhatOtherRulesWouldHaveDoneIsShownAndNothingIsKept(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $t = $this->atQuote();
        $t->accept('display-assembly');
        $was = Job::query()->findOrFail($t->job)->quote?->charge->gross;
        $rules = (array) $this->ask('GET', '/rules', status: 200)->json('rules');
        $same = $this->ask('POST', '/rules/effect', ['rules' => $rules], 200);
        self::assertSame([(string) $was, (string) $was], [$same->json('data.0.was'), $same->json('data.0.now')]);
        $dearer = ['hourlyRate' => '72.00'] + $rules;
        $then = $this->ask('POST', '/rules/effect', ['rules' => $dearer], 200)->json('data.0.now');
        self::assertGreaterThan((float) (string) $was, (float) (is_string($then) ? $then : '0'));
        $this->ask('GET', '/rules', status: 200)->assertJsonPath('rules', $rules);
        $this->ask('POST', '/rules/effect', ['rules' => ['taxRate' => '2'] + $rules], 422);
        $this->as(Role::Technician);
        $this->ask('POST', '/rules/effect', ['rules' => $rules], 403);
    }
}
