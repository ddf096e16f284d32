<?php

declare(strict_types=1);

namespace Facelift\Tests\Fasteners;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Fasteners\MatSheet;
use Facelift\Geometry\SvgPaper;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class MatSheetTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryScrewHasItsPlaceOnTheSheetAtItsTrueSize(string $phone, ReplacementKind $kind): void
    {
        $plan = Phones::plan($phone, $kind);
        $svg = (new MatSheet('T-0001 & more', $plan->basis->phone->body->outline, $plan->mat->places))->svg();
        $xml = simplexml_load_string($svg);
        self::assertNotFalse($xml);
        self::assertSame(
            ['210mm', '297mm', '0 0 210 297'],
            [(string) $xml['width'], (string) $xml['height'], (string) $xml['viewBox']],
        );
        $xml->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        self::assertCount(\count($plan->mat->places), (array) $xml->xpath('//s:circle'));
        foreach ($plan->mat->places as $place) {
            self::assertStringContainsString(
                \sprintf('h%.2fv1h-', $place->length),
                $svg,
                'a shank is drawn as long as it is',
            );
        }
        // A strip to hold a screw against: a line every half millimetre, 12 mm long.
        $line = '/d="(M[^"]*H[^"]*)" fill="none" stroke="#000" stroke-width="0.15"/';
        self::assertSame(1, preg_match($line, $svg, $strip));
        preg_match_all('/M([\d.]+) [\d.]+v(?:2\.4|1\.2)/', $strip[1] ?? '', $at);
        self::assertCount(25, $at[1]);
        self::assertEqualsWithDelta(12.0, (float) $at[1][24] - (float) $at[1][0], 1e-9);
        self::assertStringContainsString('T-0001 &amp; more', $svg);
        self::assertDoesNotMatchRegularExpression('/[xy]="-|NAN|INF/i', $svg);
        preg_match_all('/ y="([\d.]+)"/', $svg, $found);
        self::assertLessThanOrEqual(
            SvgPaper::HEIGHT,
            max([0.0, ...array_map(floatval(...), $found[1])]),
            'nothing lies off the paper',
        );
        preg_match_all('/ x="([\d.]+)"/', $svg, $found);
        self::assertLessThanOrEqual(SvgPaper::WIDTH, max([0.0, ...array_map(floatval(...), $found[1])]));
    }
}
