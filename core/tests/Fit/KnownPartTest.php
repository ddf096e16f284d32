<?php

declare(strict_types=1);

namespace Facelift\Tests\Fit;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Fitter;
use Facelift\Fit\KnownPart;
use Facelift\Fit\Verdict;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** The joint of phone file and fit: what is filled in for a phone fits it. */
final class KnownPartTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testWhatIsFilledInFitsThePhone(string $id, ReplacementKind $kind): void
    {
        $phone = Phones::read($id);
        $offer = KnownPart::of($phone, $phone->replacement($kind));
        self::assertNotSame([], $offer->modelCodes);
        $fits = (new Fitter())->wouldFit([$phone], $offer);
        foreach ($offer->modelCodes as $code) {
            $of = array_filter($fits, static fn(string $key): bool => str_ends_with($key, $code), ARRAY_FILTER_USE_KEY);
            self::assertCount(1, $of, $code);
            self::assertNotContains(Verdict::DoesNotFit, $of, $code);
        }
    }

    public function testACodeWithAConnectorOfItsOwnIsAPartOfItsOwn(): void
    {
        $checked = 0;
        foreach (Phones::ids() as $id) {
            $phone = Phones::read($id);
            foreach ($phone->identity->connectors as $code => $connector) {
                if ($connector === $phone->panel->connectorCode) {
                    continue;
                }
                $display = $phone->replacement(ReplacementKind::DisplayAssembly);
                self::assertNotContains($code, KnownPart::of($phone, $display)->modelCodes);
                $own = KnownPart::of($phone, $display, $code);
                self::assertSame([[$code], $connector], [$own->modelCodes, $own->connectorCode]);
                ++$checked;
            }
        }
        self::assertGreaterThan(0, $checked);
    }

    public function testGlassHasNoConnectorAndNoPicture(): void
    {
        $phone = Phones::read('quillon-vesper');
        $glass = KnownPart::of($phone, $phone->replacement(ReplacementKind::GlassOnly));
        self::assertSame([null, null, null], [$glass->connectorCode, $glass->technology, $glass->refresh]);
        self::assertStringStartsWith('Vesper, ', KnownPart::nameOf($phone, $phone->replacement($glass->kind)));
    }
}
