<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\PhoneForms;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Tool;
use Facelift\Document\Unreadable;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class PhoneFormsTest extends TestCase
{
    public function testAToolThatIsNotOnTheListIsReadAsBareHands(): void
    {
        $kept = Phones::data('quillon-vesper');
        self::assertIsArray($kept['parts']);
        self::assertIsArray($kept['parts'][0]);
        $kept['parts'][0]['tool'] = 'grandfather’s spoon';
        $phone = (new PhoneReader())->read((new PhoneForms())->forward($kept));
        self::assertNull(array_values($phone->parts)[0]->handling->tool);
        // What is sent today is refused with the list instead: nobody's spelling is guessed at.
        $this->expectException(Unreadable::class);
        (new PhoneReader())->read($kept);
    }

    public function testToolsOnTheListStay(): void
    {
        $data = Phones::data('quillon-vesper');
        self::assertSame($data, (new PhoneForms())->forward($data));
        self::assertSame('no file', (new PhoneForms())->forward('no file'));
        self::assertNotNull(Tool::tryFrom('tweezers'));
    }
}
