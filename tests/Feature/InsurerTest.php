<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\Job;
use App\Models\Role;
use App\Models\ShelfItem;
use Illuminate\Support\Carbon;
use Tests\TestCase;

/** Against the stand-in insurer under simulators/. */
final class InsurerTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        StandIn::insurer()->behave('ok');
    }

    private function insured(): Technician
    {
        $this->as(Role::Owner);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines']);
        $t->change('check-in', ['condition' => ['payer' => 'insurer'] + Technician::condition(['lines'])]);
        $t->change('scope', ['kind' => 'display-assembly']);
        $t->change('part', ['item' => ShelfItem::query()->where('label', 'S-101')->firstOrFail()->id]);

        return $t;
    }

    public function testNothingIsDueAtTheCounterAndTheMoneyIsOwedFromHandOverOn(): void
    {
        $t = $this->insured();
        $gross = $t->option('display-assembly')['gross'];
        $this->ask(
            'PUT',
            "/jobs/$t->job/quote/acceptance",
            ['version' => $t->version, 'kind' => 'display-assembly'] + $t->option('display-assembly'),
            422,
        )->assertJsonValidationErrors(['claim']);
        $id = $this->newId();
        $claim = $this->ask('PUT', "/jobs/$t->job/claim", ['id' => $id, 'policy' => 'P 4711', 'amount' => $gross], 200);
        self::assertSame(
            ['authorised', $gross, null],
            [$claim->json('state'), $claim->json('authorised'), $claim->json('dueOn')],
        );
        $again = $this->ask('PUT', "/jobs/$t->job/claim", ['id' => $id, 'policy' => 'P 4711', 'amount' => $gross], 200);
        self::assertSame($claim->json('reference'), $again->json('reference'));
        $t->accept('display-assembly');
        self::assertSame(
            ['0.00', $gross],
            [
                $this->ask('GET', "/jobs/$t->job", status: 200)->json('accepted.due'),
                $this->ask('GET', "/jobs/$t->job", status: 200)->json('accepted.insured'),
            ],
        );
        self::assertSame(
            [],
            $this->ask('GET', '/claims', status: 200)->json('data'),
            'nothing is owed before hand-over',
        );
        $t->change('plan', ['source' => ['kind' => 'plate', 'set' => 85]]);
        $t->workThrough();
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
        $owed = $this->ask('GET', '/claims', status: 200);
        self::assertSame(
            [$gross, '0.00', Carbon::today()->addDays(14)->toDateString()],
            [$owed->json('open'), $owed->json('overdue'), $owed->json('data.0.dueOn')],
        );
        $this->travel(15)->days();
        self::assertSame($gross, $this->ask('GET', '/claims', status: 200)->json('overdue'));
        $this->travelBack();
        $this->payments($id, $gross);
    }

    /** In part first, the same payment twice, too much, then the rest. */
    private function payments(string $claim, string $gross): void
    {
        $first = ['id' => $this->newId(), 'amount' => '50.00', 'paidOn' => Carbon::today()->toDateString()];
        $rest = sprintf('%.2f', (float) $gross - 50);
        $this->ask('POST', "/claims/$claim/payments", $first, 200)->assertJsonPath('open', $rest);
        $this->ask('POST', "/claims/$claim/payments", $first, 200)->assertJsonPath('open', $rest);
        $this->ask(
            'POST',
            "/claims/$claim/payments",
            ['id' => $this->newId(), 'amount' => $gross] + $first,
            422,
        )->assertJsonValidationErrors(['amount']);
        $this->ask(
            'POST',
            "/claims/$claim/payments",
            ['id' => $this->newId(), 'amount' => $rest] + $first,
            200,
        )->assertJsonPath('state', 'paid');
        $this->ask('POST', "/claims/$claim/payments", ['id' => $this->newId(), 'amount' => '1.00'] + $first, 409);
        $this->ask('POST', "/claims/$claim/rejection", status: 409);
        $this->as(Role::Technician);
        $this->ask('POST', "/claims/$claim/payments", ['id' => $this->newId()] + $first, 403);
    }

    public function testWhatIsAuthorisedInPartLeavesTheRestToTheCustomer(): void
    {
        $t = $this->insured();
        $gross = $t->option('display-assembly')['gross'];
        $claim = $this->ask(
            'PUT',
            "/jobs/$t->job/claim",
            ['id' => $this->newId(), 'policy' => 'H 1', 'amount' => $gross],
            200,
        )->assertJsonPath('state', 'partly');
        $t->accept('display-assembly');
        $accepted = $this->ask('GET', "/jobs/$t->job", status: 200);
        self::assertSame($claim->json('authorised'), $accepted->json('accepted.insured'));
        self::assertSame(
            sprintf('%.2f', (float) $gross - self::amount($claim->json('authorised'))),
            $accepted->json('accepted.due'),
        );
    }

    private static function amount(mixed $text): float
    {
        self::assertIsString($text);

        return (float) $text;
    }

    public function testARejectedClaimKeepsTheQuoteFromBeingAccepted(): void
    {
        $t = $this->insured();
        $option = $t->option('display-assembly');
        $this->ask(
            'PUT',
            "/jobs/$t->job/claim",
            ['id' => $this->newId(), 'policy' => 'R 1', 'amount' => $option['gross']],
            200,
        )->assertJsonPath('state', 'rejected');
        $this->ask(
            'PUT',
            "/jobs/$t->job/quote/acceptance",
            ['version' => $t->version, 'kind' => 'display-assembly'] + $option,
            422,
        )->assertJsonValidationErrors(['claim']);
        $t->change('check-in', ['condition' => Technician::condition(['lines'])]);
        $t->accept('display-assembly');
        self::assertSame($option['gross'], $this->ask('GET', "/jobs/$t->job", status: 200)->json('accepted.due'));
    }

    public function testAnInsurerThatTakesItsWordBackOwesNothingMore(): void
    {
        $t = $this->insured();
        $id = $this->newId();
        $this->ask(
            'PUT',
            "/jobs/$t->job/claim",
            ['id' => $id, 'policy' => 'P 1', 'amount' => $t->option('display-assembly')['gross']],
            200,
        );
        $t->accept('display-assembly');
        Claim::query()
            ->where('id', $id)
            ->update(['due_on' => Carbon::today()]);
        $this->ask(
            'POST',
            "/claims/$id/payments",
            ['id' => $this->newId(), 'amount' => '20.00', 'paidOn' => Carbon::today()->toDateString()],
            200,
        );
        $this->ask('POST', "/claims/$id/rejection", status: 200)
            ->assertJsonPath('open', '0.00')
            ->assertJsonPath('paid', '20.00')
            ->assertJsonPath('state', 'rejected');
        $this->ask('POST', "/claims/$id/rejection", status: 200);
    }

    public function testAnInsurerThatGivesNoGoodAnswerIsAskedAgainLater(): void
    {
        $t = $this->insured();
        $body = ['id' => $this->newId(), 'policy' => 'P 1', 'amount' => $t->option('display-assembly')['gross']];
        foreach (['down', 'wrong', 'garbled'] as $mode) {
            StandIn::insurer()->behave($mode);
            $this->ask('PUT', "/jobs/$t->job/claim", $body, 409)->assertJsonPath('code', 'no-answer');
            self::assertSame(ClaimState::Asked, Claim::query()->findOrFail($body['id'])->state, $mode);
        }
        StandIn::insurer()->behave('ok');
        $this->ask('PUT', "/jobs/$t->job/claim", $body, 200)->assertJsonPath('state', 'authorised');
        self::assertSame(1, Claim::query()->count());
        self::assertNull(Job::query()->findOrFail($t->job)->accepted_at);
    }
}
