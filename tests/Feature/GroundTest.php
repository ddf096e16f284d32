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
use Tests\TestCase;

/** A photo of the opened phone under the drawing. */
final class GroundTest extends TestCase
{
    private const CORNERS = [[100, 80], [900, 160], [820, 1500], [40, 1320]];

    private string $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as(Role::Technician);
        $this->job = $this->newId();
        (new Technician($this, $this->job))->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
    }

    public function testItsCornersTellTheMillimetres(): void
    {
        $photo = $this->photo();
        $this->ask('GET', "/jobs/$this->job/photos", [], 200)->assertJsonPath('data.0.ground', null);
        $laid = $this->lay($photo, self::CORNERS, 200);
        $m = $laid->json('ground.matrix');
        self::assertIsArray($m);
        $m = array_map(static fn(mixed $v): float => is_numeric($v) ? (float) $v : NAN, array_values($m));
        foreach ([[0.0, 0.0], [71.4, 0.0], [71.4, 146.2], [0.0, 146.2]] as $i => [$x, $y]) {
            [$px, $py] = self::CORNERS[$i];
            $w = $m[6] * $px + $m[7] * $py + $m[8];
            self::assertEqualsWithDelta($x, ($m[0] * $px + $m[1] * $py + $m[2]) / $w, 1e-6);
            self::assertEqualsWithDelta($y, ($m[3] * $px + $m[4] * $py + $m[5]) / $w, 1e-6);
        }
        $this->lay($photo, null, 200)->assertJsonPath('ground', null);
    }

    public function testCornersThatAreNoneAreRefusedAndWhatLayThereStays(): void
    {
        $photo = $this->photo();
        $this->lay($photo, self::CORNERS, 200);
        $crossed = [self::CORNERS[0], self::CORNERS[2], self::CORNERS[1], self::CORNERS[3]];
        $this->lay($photo, $crossed, 422)->assertJsonValidationErrors('corners');
        $this->lay($photo, [[1, 1], [2, 2], [3, 3]], 422);
        $this->lay($photo, [['a', 1], [2, 2], [3, 3], [4, 4]], 422);
        self::assertSame(self::CORNERS, JobPhoto::query()->findOrFail($photo)->ground['corners'] ?? null);
    }

    public function testOnlyAPhotoOfThisJobLiesUnderIt(): void
    {
        $photo = $this->photo();
        $other = $this->newId();
        (new Technician($this, $other))->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $body = ['face' => 'front', 'corners' => self::CORNERS];
        $this->ask('PUT', "/jobs/$other/photos/$photo/ground", $body, 404);
    }

    public function testAPhotoIsKeptWithItsRowAndStaysOnceTheJobIsClosed(): void
    {
        $photo = $this->photo();
        $shown = $this->ask('GET', "/jobs/$this->job/photos/$photo.jpg", status: 200);
        self::assertSame(IMAGETYPE_JPEG, getimagesizefromstring((string) $shown->baseResponse->getContent())[2] ?? 0);
        $other = $this->photo();
        $this->ask('DELETE', "/jobs/$this->job/photos/$other", status: 204);
        $this->ask('DELETE', "/jobs/$this->job/photos/$other", status: 204);
        self::assertSame([$photo], DB::table('photo_files')->pluck('photo_id')->all(), 'its picture goes with it');

        // A picture that is gone is said to be gone.
        $jpeg = DB::table('photo_files')->where('photo_id', $photo)->value('jpeg');
        DB::table('photo_files')->delete();
        $this->ask('GET', "/jobs/$this->job/photos/$photo.jpg", status: 404);
        DB::table('photo_files')->insert(['photo_id' => $photo, 'jpeg' => $jpeg]);

        Job::query()->findOrFail($this->job)->update(['handed_over_at' => now()]);
        $this->ask('DELETE', "/jobs/$this->job/photos/$photo", status: 409);
        self::assertSame(1, JobPhoto::query()->count());
    }

    private function photo(): string
    {
        $id = $this->newId();
        $this->post("/api/jobs/$this->job/photos", [
            'id' => $id,
            'photo' => UploadedFile::fake()->image('open.png', 1200, 1600),
        ])->assertStatus(201);

        return $id;
    }

    /**
     * @param list<list<int|string>>|null $corners
     *
     * @return TestResponse<Response>
     */
    private function lay(string $photo, ?array $corners, int $status): TestResponse
    {
        return $this->ask('PUT', "/jobs/$this->job/photos/$photo/ground", [
            'face' => 'front',
            'corners' => $corners,
        ], $status);
    }
}
