<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\Feature;
use Facelift\Anatomy\LookAlikes;
use Facelift\Anatomy\Phone;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class LookAlikesTest extends TestCase
{
    public function testOneGenerationApartOnlyThePortTells(): void
    {
        $phones = [Phones::read('brasca-fern-4'), Phones::read('brasca-fern-5')];
        $question = (new LookAlikes())->question($phones);
        self::assertSame(Feature::Port, $question['feature'] ?? null);
        self::assertSame(['oval' => 1, 'trapezoid' => 1], $question['options'] ?? null);
        self::assertSame(['brasca-fern-4'], self::ids((new LookAlikes())->left($phones, ['port' => 'trapezoid'])));
    }

    public function testAnswersLeadToOnePhoneWhateverItIs(): void
    {
        $all = array_map(Phones::read(...), ['quillon-vesper', 'brasca-fern-4', 'brasca-fern-5']);
        foreach ($all as $phone) {
            $left = $all;
            $asked = 0;
            while (\count($left) > 1) {
                ++$asked;
                $question = (new LookAlikes())->question($left);
                self::assertNotNull($question, 'nothing tells ' . implode(', ', self::ids($left)) . ' apart');
                $left = (new LookAlikes())->left($left, [
                    $question['feature']->value => $question['feature']->of($phone),
                ]);
            }
            self::assertSame([$phone], $left);
            self::assertLessThanOrEqual(2, $asked);
        }
    }

    public function testTwinsAreNotToldApart(): void
    {
        self::assertNull((new LookAlikes())->question([Phones::read('brasca-fern-5'), Phones::read('brasca-fern-5')]));
    }

    /** A ruler tells 146 from 161 mm, not 160.9 from 161.2. */
    public function testMeasuresAgreeWithinWhatARulerTells(): void
    {
        $phones = [Phones::read('quillon-vesper'), Phones::read('brasca-fern-5')];
        self::assertSame(['brasca-fern-5'], self::ids((new LookAlikes())->left($phones, ['height' => '160.4'])));
        self::assertSame([], (new LookAlikes())->left($phones, ['height' => '152']));
    }

    /**
     * @param list<Phone> $phones
     *
     * @return list<string>
     */
    private static function ids(array $phones): array
    {
        return array_map(static fn(Phone $p): string => $p->identity->id, $phones);
    }
}
