<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobPhoto;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Contract;
use Tests\TestCase;

final class CheckInTest extends TestCase
{
    private const IMEI = '490154203237518';

    public function testLookAlikesAreToldApartByAQuestion(): void
    {
        $this->as(Role::FrontDesk);
        $first = $this->ask('POST', '/phones/tell-apart', ['q' => 'fern'], 200);
        self::assertSame('port', $first->json('question.feature'));
        $this->ask('POST', '/phones/tell-apart', ['q' => 'fern', 'answers' => ['port' => 'trapezoid']], 200)
            ->assertJsonPath('question', null)
            ->assertJsonPath('left.0.id', 'brasca-fern-4');
        $this->ask('POST', '/phones/tell-apart', ['answers' => ['smell' => 'fresh']], 422);
    }

    public function testAPhoneSeenBeforeShowsItsHistoryAndComesBackUnderWarranty(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $first = $this->finished();
        $this->ask('GET', '/history?imei=' . self::IMEI, status: 200)
            ->assertJsonPath('valid', true)
            ->assertJsonPath('data.0.warranty', true)
            ->assertJsonPath('data.0.part', 'S-101');
        $this->ask('GET', '/history?imei=490154203237519', status: 200)
            ->assertJsonPath('valid', false)
            ->assertJsonPath('data', []);
        $back = $this->newId();
        $this->ask(
            'POST',
            '/jobs',
            [
                'id' => $back,
                'phone' => 'quillon-vesper',
                'modelCode' => 'QV-2110',
                'customer' => 'Ottilie Marsh',
                'imei' => self::IMEI,
            ],
            201,
        )->assertJsonPath('comebackOf.id', $first);
        $this->travel(181)->days();
        $this->ask(
            'POST',
            '/jobs',
            [
                'id' => $this->newId(),
                'phone' => 'quillon-vesper',
                'modelCode' => 'QV-2110',
                'customer' => 'Ottilie Marsh',
                'imei' => self::IMEI,
            ],
            201,
        )->assertJsonPath('comebackOf', null);
    }

    public function testAComebackUnderWarrantyCostsNothing(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $this->finished();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines'], imei: self::IMEI);
        $t->change('scope', ['kind' => 'display-assembly']);
        $t->change('part', ['item' => DB::table('shelf_items')->where('label', 'S-102')->value('id')]);
        $t->accept('display-assembly', warranty: true);
        $this->ask('GET', "/jobs/$t->job", status: 200)
            ->assertJsonPath('accepted.due', '0.00')
            ->assertJsonPath('accepted.warranty', true);
    }

    private function finished(): string
    {
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines'], imei: self::IMEI);
        $t->planned('display-assembly', 'S-101');
        $t->workThrough();
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);

        return $t->job;
    }

    public function testWhatFollowsFromAConditionIsSaidAtOnceAndKeepsNothing(): void
    {
        $this->as(Role::FrontDesk);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', []);
        $condition = [
            'observations' => ['no-image'],
            'repairSigns' => ['liquid-glue'],
            'marks' => [
                [
                    'kind' => 'crack',
                    'face' => 'front',
                    'points' => [['x' => 2, 'y' => 130], ['x' => 70, 'y' => 130]],
                ],
            ],
        ] + Technician::condition([]);
        $condition['functions'] = [];
        $look = $this->ask('POST', "/jobs/$t->job/look", ['condition' => $condition], 200);
        self::assertSame('mark-crack-at-edge', $look->json('marks.0.code'));
        self::assertSame(['seal', null], [$look->json('edges.0.bond'), $look->json('edges.0.cup')]);
        self::assertNotSame([], $look->json('edges.0.crazed'));
        self::assertSame('heat-glue-needs-more', $look->json('signs.0.consequences.0.code'));
        self::assertSame('charge', $look->json('finding.next.check'));
        self::assertSame(['cracked-glass'], Job::query()->findOrFail($t->job)->condition['observations'] ?? null);
        $this->ask(
            'POST',
            "/jobs/$t->job/look",
            ['condition' => ['checks' => [['check' => 'ring', 'result' => 'purple']]] + $condition],
            422,
        );
    }

    public function testAPhotoIsEncodedAnewAndLosesItsPlace(): void
    {
        $this->as(Role::FrontDesk);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', []);
        $jpeg = self::jpegWithPlace();
        self::assertStringContainsString('LATITUDE-SECRET', $jpeg);
        $id = $this->newId();
        foreach ([201, 200] as $status) {
            $answer = $this->upload($t->job, $id, 'evil.php', $jpeg);
            self::assertSame($status, $answer->baseResponse->getStatusCode());
            Contract::check('POST', "/api/jobs/$t->job/photos", $answer);
        }
        self::assertSame(1, JobPhoto::query()->count());
        $this->ask('GET', "/jobs/$t->job/photos", status: 200)->assertJsonPath('data.0.id', $id);
        $kept = (string) $this->get("/api/jobs/$t->job/photos/$id.jpg")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->baseResponse
            ->getContent();
        self::assertStringNotContainsString('LATITUDE-SECRET', $kept);
        self::assertStringNotContainsString('Exif', $kept);
        self::assertSame([1600, 1200], array_slice((array) getimagesizefromstring($kept), 0, 2));
        $this->ask('DELETE', "/jobs/$t->job/photos/$id", status: 204);
        $this->ask('GET', "/jobs/$t->job/photos", status: 200)->assertJsonPath('data', []);
    }

    public function testWhatIsNoPictureIsNotKept(): void
    {
        $this->as(Role::FrontDesk);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', []);
        foreach (['<?php echo 1;', "\xFF\xD8\xFF\xE0garbage", '<svg xmlns="http://www.w3.org/2000/svg"/>'] as $bytes) {
            self::assertSame(
                422,
                $this->upload($t->job, $this->newId(), 'photo.jpg', $bytes)->baseResponse->getStatusCode(),
            );
        }
        self::assertSame(0, JobPhoto::query()->count());
    }

    public function testTheReceiptHoldsTheConditionAndTheSignature(): void
    {
        $this->as(Role::FrontDesk);
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['lines'], 'Ottilie Marsh');
        $t->change('receipt', ['name' => 'Ottilie Marsh', 'strokes' => [[[10, 50], [40, 20.5], [90, 60]]]]);
        $version = $t->version;
        $this->travel(5)->seconds();
        $t->change('receipt', ['name' => 'Ottilie Marsh', 'strokes' => [[[10, 50], [40, 20.5], [90, 60]]]]);
        self::assertSame($version, $t->version);
        $this->ask('GET', "/jobs/$t->job", status: 200)->assertJsonPath('receipt.drawn', true);
        $text = WholePathTest::textOf(
            (string) $this->ask('GET', "/jobs/$t->job/receipt.pdf", status: 200)->baseResponse->getContent(),
        );
        foreach (
            [
                'Ottilie Marsh',
                'Lines',
                'Crack, bottom left to the middle, 45 mm',
                'Image, Touch, Earpiece',
                'SIM tray',
                'not promised',
                'Nobody asks for your passcode',
            ] as $wanted
        ) {
            self::assertStringContainsString($wanted, str_replace("\n", ' ', $text));
        }
        $this->ask(
            'PUT',
            "/jobs/$t->job/receipt",
            ['version' => $t->version, 'name' => 'X', 'strokes' => [[['a', 1], [2, 2]]]],
            422,
        )->assertJsonValidationErrors(['name', 'strokes.0.0.0']);
    }

    public function testNoFieldAnywhereTakesAPasscode(): void
    {
        $columns = array_map(
            static fn(mixed $c): string => strtolower((string) json_encode($c)),
            DB::select(
                'select table_name, column_name from information_schema.columns where table_schema = database()',
            ),
        );
        self::assertGreaterThan(50, count($columns));
        foreach ($columns as $column) {
            self::assertDoesNotMatchRegularExpression('/passcode|unlock_?code|pin"/', $column);
        }
        foreach (['openapi.yaml', 'schemas/condition.schema.json', 'schemas/job.schema.json'] as $file) {
            self::assertDoesNotMatchRegularExpression(
                '/passcode|unlockCode/i',
                (string) file_get_contents(base_path('contract/' . $file)),
            );
        }
    }

    /** @return TestResponse<Response> */
    private function upload(string $job, string $id, string $name, string $bytes): TestResponse
    {
        return $this->post(
            "/api/jobs/$job/photos",
            ['id' => $id, 'photo' => UploadedFile::fake()->createWithContent($name, $bytes)],
            ['Accept' => 'application/json'],
        );
    }

    /** A picture of 2000 × 1500 with an Exif segment that names a place. */
    private static function jpegWithPlace(): string
    {
        $image = imagecreatetruecolor(2000, 1500);
        ob_start();
        imagejpeg($image, null, 60);
        $jpeg = (string) ob_get_clean();
        $body = "Exif\0\0MM\0*\0\0\0\x08\0\0\0\0\0\0LATITUDE-SECRET";

        return substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($body) + 2) . $body . substr($jpeg, 2);
    }
}
