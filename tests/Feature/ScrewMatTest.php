<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Tests\TestCase;

final class ScrewMatTest extends TestCase
{
    public function testTheMatIsPrintedAtItsTrueSize(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $this->ask('GET', "/jobs/$t->job/screw-mat.pdf", status: 409);
        $t->planned('display-assembly', 'S-101');
        $svg = (string) $this->ask('GET', "/jobs/$t->job/screw-mat.svg", status: 200)->baseResponse->getContent();
        self::assertStringContainsString('width="210mm"', $svg);
        self::assertStringContainsString('width="71.40"', $svg, 'the phone is drawn as wide as it is');
        $pdf = (string) $this->ask('GET', "/jobs/$t->job/screw-mat.pdf", status: 200)->baseResponse->getContent();
        $text = WholePathTest::textOf($pdf);
        foreach (
            ['T-0301, Quillon Vesper: screw mat, 9 screws', '2 × P2, 3.4 mm', '3 × Y000, 1.3 mm', '50 mm'] as $wanted
        ) {
            self::assertStringContainsString($wanted, $text);
        }
        // A4 in points, as poppler sees it: nothing was scaled.
        $file = tempnam(sys_get_temp_dir(), 'mat');
        file_put_contents((string) $file, $pdf);
        self::assertStringContainsString(
            '595.276 x 841.89',
            (string) shell_exec('pdfinfo ' . escapeshellarg((string) $file)),
        );
        unlink((string) $file);
        $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        $this->json('GET', "/api/jobs/$t->job/screw-mat.dxf")->assertStatus(404);
    }
}
