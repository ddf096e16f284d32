<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PhoneDrawing;
use App\Models\Role;
use App\Phones\PhoneLibrary;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;
use ZipArchive;

/** Phone files of one shop in another. */
final class PackTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['facelift.pack_key' => base64_encode(str_repeat("\x07", 32))]);
        $this->as(Role::Technician);
    }

    public function testAPackIsLookedAtInWordsAndTakenOverWhole(): void
    {
        $this->ask('POST', '/provisional', ['front' => []] + ProvisionalTest::TOLD, 200);
        $bytes = $this->packed('tivane-sable@1', 'quillon-vesper');
        PhoneDrawing::query()->delete();
        config(['facelift.pack_key' => '']);

        $look = $this->send('look', $bytes, 200);
        $look->assertJsonPath('own', false)->assertJsonPath('files.0.here', false);
        $look->assertJsonPath('files.1.here', true);
        self::assertSame([], $look->json('files.1.changes'), 'as it ships');
        self::assertIsString($look->json('signedBy'));
        self::assertGreaterThan(0, $look->json('files.0.rests.assumed'));
        self::assertSame(0, PhoneDrawing::query()->count(), 'looking keeps nothing');

        $this->send('take', $bytes, 200, ['phones' => ['tivane-sable'], 'versions' => [0]])->assertJsonPath('taken', 1);
        self::assertArrayHasKey('tivane-sable@1', app(PhoneLibrary::class)->search('sable'));
        // Once more it is there already; with another version in between it is asked to look again.
        $this->send('take', $bytes, 200, ['phones' => ['tivane-sable'], 'versions' => [1]]);
        self::assertSame(1, PhoneDrawing::query()->count());
    }

    public function testWhatDiffersIsSaidAndNothingIsHalfTaken(): void
    {
        $document = app(PhoneLibrary::class)->document('quillon-vesper');
        self::assertIsArray($document);
        $own = $document;
        data_set($own, 'fasteners.0.length', 3.3);
        $this->ask('PUT', '/phone-files/quillon-vesper', ['version' => 0, 'document' => $own], 200);
        $bytes = $this->packed('quillon-vesper@1', 'brasca-fern-5');
        data_set($own, 'fasteners.0.length', 3.2);
        $this->ask('PUT', '/phone-files/quillon-vesper', ['version' => 1, 'document' => $own], 200);
        $look = $this->send('look', $bytes, 200);
        $look->assertJsonPath('own', true)->assertJsonPath('files.0.version', 2);
        self::assertSame(['file-changed'], array_column((array) $look->json('files.0.changes'), 'code'));
        // One of the two was drawn anew since it was looked at: neither is taken.
        $stale = ['phones' => ['brasca-fern-5', 'quillon-vesper'], 'versions' => [0, 1]];
        $this->send('take', $bytes, 409, $stale);
        self::assertSame(2, PhoneDrawing::query()->count());
    }

    public function testABadPackIsRefusedInWords(): void
    {
        $this->send('look', 'no zip at all', 422)->assertJsonValidationErrors('pack');
        $bomb = $this->zip(['manifest.json' => str_repeat(' ', 5_000_000)]);
        self::assertLessThan(20_000, strlen($bomb), 'it is small as it comes');
        $this->send('look', $bomb, 422);
        $many = [];
        for ($i = 0; $i < 300; ++$i) {
            $many["phones/p$i.phone.json"] = '{}';
        }
        $this->send('look', $this->zip($many), 422);
        $out = $this->send('look', $this->zip(['manifest.json' => '{}', '../../evil.php' => '<?php']), 422);
        self::assertStringContainsString('Nothing was taken over', (string) json_encode($out->json('errors.pack')));
        self::assertSame(0, PhoneDrawing::query()->count());
    }

    public function testTheFrontDeskMayGiveAwayAndNotTakeIn(): void
    {
        $bytes = $this->packed('quillon-vesper');
        $this->as(Role::FrontDesk);
        $this->send('take', $bytes, 403);
        $this->ask('POST', '/phone-packs', ['phones' => ['no-such-phone']], 404);
        $this->ask('POST', '/phone-packs', ['phones' => []], 422);
    }

    private function packed(string ...$phones): string
    {
        $answer = $this->ask('POST', '/phone-packs', ['phones' => $phones], 200);

        return (string) $answer->baseResponse->getContent();
    }

    /** @param array<string, string> $entries */
    private function zip(array $entries): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'pack');
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::OVERWRITE);
        foreach ($entries as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return TestResponse<Response>
     */
    private function send(string $what, string $bytes, int $status, array $more = []): TestResponse
    {
        $file = UploadedFile::fake()->createWithContent('phones.zip', $bytes);
        $answer = $this->post("/api/phone-packs/$what", ['pack' => $file] + $more, ['Accept' => 'application/json']);

        return $answer->assertStatus($status);
    }
}
