<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\UnknownId;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class PhoneTest extends TestCase
{
    public function testFunctionsComeFromThePartsInTheOrderOfTesting(): void
    {
        $functions = Phones::read('brasca-fern-5')->functions();
        self::assertSame(PhoneFunction::Image, $functions[0]);
        self::assertContains(PhoneFunction::Fingerprint, $functions);
        self::assertNotContains(PhoneFunction::Stylus, $functions);
        self::assertSame(array_unique($functions, \SORT_REGULAR), $functions);
    }

    public function testNamesWhateverIsInTheFile(): void
    {
        $phone = Phones::read('brasca-fern-5');
        self::assertSame(
            ['Main board', 'Upper cover screws', 'Battery connector', 'Display tape'],
            array_map($phone->nameOf(...), ['main-board', 'upper-screws', 'battery-plug', 'display-tape']),
        );
        $this->expectExceptionMessage('"lid" is not in the phone file');
        $phone->nameOf('lid');
    }

    public function testSaysWhichReplacementDoesNotExist(): void
    {
        $this->expectException(UnknownId::class);
        $this->expectExceptionMessage('Quillon Vesper has no replacement of the kind digitizer-only');
        Phones::read('quillon-vesper')->replacement(ReplacementKind::DigitizerOnly);
    }

    public function testTraysComeOutFirst(): void
    {
        foreach (['quillon-vesper', 'brasca-fern-5'] as $id) {
            $first = array_filter(Phones::read($id)->parts, static fn($p): bool => $p->kind->comesOutFirst());
            self::assertSame(['sim-tray'], array_keys($first));
        }
        self::assertCount(2, Phones::read('brasca-fern-5')->partsOf(PartKind::Cover));
    }

    public function testAnOpeningKeepsAdhesiveAwayByItsClearance(): void
    {
        $hole = Phones::read('quillon-vesper')->openings['camera-hole'];
        self::assertEqualsWithDelta(4.2 + 2 * 0.8, $hole->keepOut()->width, 1e-9);
        self::assertTrue($hole->keepOut()->contains($hole->box()));
    }
}
