<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Comeback;
use App\Models\Job;
use App\Models\OldPartKept;
use App\Models\PostBox;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\ShopSetting;
use App\Papers\CounterPapers;
use App\Papers\JobSheet;
use App\Papers\PackingList;
use App\Words\ShopTime;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What comes after the work: the sheet, the old parts, the post, and phones that come back. */
final class AftercareTest extends TestCase
{
    public function testTheSheetIsInTheShopsOwnTimeAndSaysFromWhenTheAdhesiveBears(): void
    {
        $t = $this->atBench();
        $t->workThrough();
        $html = app(JobSheet::class)->html(Job::query()->findOrFail($t->job));
        self::assertStringContainsString('Europe/Berlin, UTC+', $html);
        self::assertDoesNotMatchRegularExpression('/\d UTC\b/', $html);
        self::assertMatchesRegularExpression('/May be carried from \d+ \w+ \d{4}, \d\d:\d\d\./', $html);
        self::assertStringContainsString('no depth of water is promised', $html);
        self::assertStringContainsString('The work, as it was', $html);
        $row = '#<tr><th>Close</th><td>[^<]+</td><td class="amount">\d+ min, \d+ steps#';
        self::assertSame(1, preg_match_all($row, $html));
    }

    public function testEveryPaperForTheCustomerNamesTheShop(): void
    {
        $t = $this->atBench();
        $t->workThrough();
        $shop = ShopSetting::query()->firstOrFail();
        $shop->update(['settings' => [...$shop->settings, 'name' => 'Stall at the quay']]);
        $job = Job::query()->findOrFail($t->job);
        $papers = app(CounterPapers::class);
        foreach ([app(JobSheet::class)->html($job), $papers->receiptHtml($job), $papers->quoteHtml($job)] as $html) {
            self::assertStringContainsString('Stall at the quay', $html);
        }
    }

    public function testDatesAreInTheShopsLanguageAndZone(): void
    {
        $noon = Carbon::parse('2026-03-05 12:00:00', 'UTC');
        self::assertSame('5 Mar 2026, 13:00', (new ShopTime('Europe/Berlin', 'en_GB'))->moment($noon));
        self::assertSame('Donnerstag 5 März 2026, 21:00', (new ShopTime('Asia/Tokyo', 'de'))->long($noon));
        self::assertSame('Asia/Tokyo, UTC+09:00', (new ShopTime('Asia/Tokyo', 'de'))->zone($noon));
    }

    public function testAnOldFrameIsKeptWithALabelAndTheBrokenPanelGoesToItsWaste(): void
    {
        $t = $this->fernAtBench();
        $t->workThrough();
        $after = $this->ask('GET', "/jobs/$t->job/after", [], 200);
        $suggested = array_column((array) $after->json('oldParts'), 'suggested', 'part');
        self::assertSame('kept', $suggested['frame']);
        self::assertArrayHasKey('display', $suggested);
        $body = ['version' => $this->version($t->job), 'customerTold' => true, 'filmOff' => true];
        $parts = [
            ['part' => 'frame', 'goes' => 'kept', 'place' => 'F1'],
            ['part' => 'display', 'goes' => 'electronics', 'place' => null],
        ];
        $wrong = [
            'oldParts.0.place' => [['part' => 'frame', 'goes' => 'kept', 'place' => ' '], $parts[1]],
            'oldParts.2.part' => [...$parts, ['part' => 'engine', 'goes' => 'kept', 'place' => 'F1']],
            'oldParts' => [$parts[0]],
        ];
        foreach ($wrong as $field => $said) {
            $answer = $this->ask('PUT', "/jobs/$t->job/hand-over", $body + ['oldParts' => $said], 422);
            self::assertArrayHasKey($field, (array) $answer->json('errors'));
            self::assertSame(0, OldPartKept::query()->count());
        }
        $this->ask('PUT', "/jobs/$t->job/hand-over", $body + ['oldParts' => $parts], 200);
        $list = $this->ask('GET', '/old-parts', [], 200);
        $list->assertJsonCount(1, 'data');
        $list->assertJsonPath('data.0.goes', 'kept');
        $list->assertJsonPath('data.0.place', 'F1');
        $list->assertJsonPath('data.0.phone', 'Brasca Fern 5');
        $kept = OldPartKept::query()->where('part', 'frame')->sole();
        self::assertMatchesRegularExpression('/^K-\d{4}$/', (string) $kept->label);
        $label = $this->get("/api/old-parts/$kept->id/label.pdf");
        self::assertStringStartsWith('%PDF', (string) $label->baseResponse->getContent());
        foreach ([1, 2] as $_) {
            self::assertTrue($this->ask('PUT', "/old-parts/$kept->id/used", [], 200)->json('used'));
        }
        self::assertSame([], $this->ask('GET', '/old-parts', [], 200)->json('data'));
        $html = app(JobSheet::class)->html(Job::query()->findOrFail($t->job));
        self::assertStringContainsString('Kept for parts · ' . $kept->label, $html);
        self::assertStringContainsString('Electronics waste', $html);
    }

    public function testAPhoneComesBackTiedToWhatTheJobBeforeHadUsed(): void
    {
        $t = $this->atBench();
        $t->workThrough();
        $edge = ['id' => $this->newId(), 'what' => 'edge-lifts', 'side' => 'left', 'text' => 'lifts after a week'];
        $this->ask('POST', "/jobs/$t->job/comeback", $edge, 409);
        $this->handOver($t->job);
        $job = $this->ask('POST', "/jobs/$t->job/comeback", $edge, 200);
        self::assertSame($t->job, $job->json('comebackOf.id'));
        self::assertSame('quillon-vesper', $job->json('phone.id'));
        self::assertSame($job->json('id'), $this->ask('POST', "/jobs/$t->job/comeback", $edge, 200)->json('id'));
        self::assertSame(1, Comeback::query()->count());
        $after = $this->ask('GET', "/jobs/{$edge['id']}/after", [], 200);
        $after->assertJsonPath('cameBack.tied.adhesive.bond', 'Display seal');
        $after->assertJsonPath('cameBack.tied.step.id', 'lay-seal:seal');
        $after->assertJsonPath('cameBack.tied.part', null);
        $after->assertJsonPath('cameBack.tied.method.source', 'plate');
        self::assertGreaterThan(0, $after->json('cameBack.tied.adhesive.clamped'));
        // Lines point to the part and its batch, a dead earpiece to the last step that touched it.
        $lines = ['id' => $this->newId(), 'what' => 'picture', 'text' => 'green line'];
        $this->ask('POST', "/jobs/$t->job/comeback", $lines, 200);
        $part = $this->ask('GET', "/jobs/{$lines['id']}/after", [], 200)->json('cameBack.tied.part');
        self::assertIsArray($part);
        self::assertNotSame('', $part['batch']);
        $ear = ['id' => $this->newId(), 'what' => 'function', 'function' => 'earpiece', 'text' => 'nothing to hear'];
        $this->ask('POST', "/jobs/$t->job/comeback", $ear, 200);
        $step = $this->ask('GET', "/jobs/{$ear['id']}/after", [], 200)->json('cameBack.tied.step.id');
        self::assertContains($step, ['fit-part:mesh', 'plug-in:sensor-plug', 'fit-part:earpiece-flex']);
        $none = ['id' => $this->newId(), 'what' => 'function', 'text' => 'nothing to hear'];
        $this->ask('POST', "/jobs/$t->job/comeback", $none, 422);
    }

    public function testWhatComesBackAfterTheWarrantyIsTiedAndPaid(): void
    {
        $t = $this->atBench();
        $t->workThrough();
        $this->handOver($t->job);
        foreach ([[30, true, 200], [5000, false, 422]] as [$days, $covered, $status]) {
            Job::query()->whereKey($t->job)->update(['handed_over_at' => Carbon::now()->subDays($days)]);
            $back = ['id' => $this->newId(), 'what' => 'creaks', 'text' => 'has play'];
            $job = $this->ask('POST', "/jobs/$t->job/comeback", $back, 200);
            self::assertSame($covered, $job->json('comebackOf.covered'));
            $label = 'S-97' . $days;
            $this->partFor('quillon-vesper', ReplacementKind::DisplayAssembly, $label);
            $again = new Technician($this, $back['id']);
            $again->change('check-in', ['condition' => Technician::condition(['cracked-glass'])]);
            $again->change('scope', ['kind' => 'display-assembly', 'reason' => null]);
            $again->change('part', ['item' => ShelfItem::query()->where('label', $label)->sole()->id]);
            $option = $again->option('display-assembly');
            $again->change('quote/acceptance', [
                'kind' => 'display-assembly',
                'item' => $option['item'],
                'gross' => $option['gross'],
                'warranty' => true,
                'data' => $option['data'],
            ], $status);
        }
    }

    public function testWhatCameByPostGoesBackAndTheAddressIsKeptNoLonger(): void
    {
        $t = $this->atBench();
        $came = ['came' => ['Phone', 'SIM tray', 'Case'], 'address' => "Ilka Morrow\nQuay 4"];
        $this->ask('PUT', "/jobs/$t->job/post", $came, 200);
        $stored = DB::table('post_boxes')->value('address');
        self::assertIsString($stored);
        self::assertStringNotContainsString('Morrow', $stored, 'encrypted');
        $goes = [['what' => 'Phone', 'why' => null], ['what' => 'SIM tray', 'why' => null]];
        $early = $goes;
        $early[] = ['what' => 'Case', 'why' => null];
        $this->ask('PUT', "/jobs/$t->job/post/sent", ['goes' => $early], 409);
        $t->workThrough();
        $this->handOver($t->job);
        $list = app(PackingList::class)->html(Job::query()->findOrFail($t->job));
        self::assertStringContainsString('Quay 4', $list);
        self::assertStringContainsString('lithium', $list);
        $missing = $this->ask('PUT', "/jobs/$t->job/post/sent", ['goes' => $goes], 422)->json('errors.goes.0');
        self::assertIsString($missing);
        self::assertStringContainsString('Case', $missing);
        $goes[] = ['what' => 'Case', 'why' => 'broken, thrown away with consent'];
        foreach ([1, 2] as $_) {
            $sent = $this->ask('PUT', "/jobs/$t->job/post/sent", ['goes' => $goes, 'parcel' => 'LH 77'], 200);
            self::assertNull($sent->json('post.address'));
        }
        self::assertNull(PostBox::query()->findOrFail($t->job)->getRawOriginal('address'));
        $this->ask('PUT', "/jobs/$t->job/post", $came, 409);
        $list = app(PackingList::class)->html(Job::query()->findOrFail($t->job));
        self::assertStringNotContainsString('Quay 4', $list);
        self::assertStringContainsString('thrown away with consent', $list);
        $walkIn = new Technician($this, $this->newId());
        $walkIn->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $this->getJson("/api/jobs/$walkIn->job/packing-list.pdf")->assertUnprocessable();
    }

    public function testTheDeskTakesPhonesBackAndAStrangerSeesNothing(): void
    {
        $t = $this->atBench();
        $t->workThrough();
        $this->handOver($t->job);
        $this->as(Role::FrontDesk);
        $edge = ['id' => $this->newId(), 'what' => 'creaks', 'text' => 'has play'];
        $this->ask('POST', "/jobs/$t->job/comeback", $edge, 200);
        Auth::forgetGuards();
        $this->flushSession();
        foreach (['after', 'packing-list.pdf'] as $path) {
            $this->getJson("/api/jobs/$t->job/$path")->assertUnauthorized();
        }
    }

    /** A phone whose screen goes over to a new frame. */
    private function fernAtBench(): Technician
    {
        $this->as(Role::Technician);
        $code = $this->partFor('brasca-fern-5', ReplacementKind::DisplayWithFrame, 'S-901');
        $t = new Technician($this, $this->newId());
        $t->checkIn('brasca-fern-5', $code, ['cracked-glass']);
        $t->planned('display-with-frame', 'S-901');

        return $t;
    }

    private function version(string $job): int
    {
        return Job::query()->findOrFail($job)->version;
    }

    private function handOver(string $job): void
    {
        $body = ['version' => $this->version($job), 'customerTold' => true, 'filmOff' => true];
        $this->ask('PUT', "/jobs/$job/hand-over", $body, 200);
    }
}
