<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\PhoneHints;
use Facelift\Document\Reason;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** What makes one ask whether a phone file is finished, each from a shipped file with one thing taken away. */
final class PhoneHintsTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     *
     * @return list<string> codes that the changes bring
     */
    private static function brought(string $phone, array $changes): array
    {
        $said = static fn(Reason $r): string => $r->code . ' ' . json_encode($r->figures);
        $before = array_map($said, (new PhoneHints())->of(Phones::read($phone)));
        $after = array_map($said, (new PhoneHints())->of(Phones::with($phone, $changes)));

        return array_map(
            static fn(string $c): string => explode(' ', $c)[0],
            array_values(array_diff($after, $before)),
        );
    }

    public function testAFlexThatDoesNotReachIsSaidOnceAKindOfPart(): void
    {
        self::assertSame(
            ['hint-no-trial', 'hint-no-trial'],
            self::brought('quillon-vesper', ['panel.flexNeeded' => 60]),
            'new glass has no flex',
        );
        self::assertSame([], self::brought('quillon-vesper', ['panel.flexNeeded' => 60, 'panel.testExtension' => 16]));
        self::assertSame(
            ['hint-no-trial', 'hint-no-trial'],
            self::brought('quillon-vesper', ['panel.flexNeeded' => 60, 'panel.testExtension' => 15.9]),
        );
    }

    public function testAFunctionThatNobodyServesIsMissed(): void
    {
        $parts = Phones::data('quillon-vesper')['parts'];
        self::assertIsArray($parts);
        $changes = [];
        foreach ($parts as $i => $part) {
            self::assertIsArray($part);
            $functions = array_values(
                array_filter(\is_array($part['functions'] ?? null) ? $part['functions'] : [], \is_string(...)),
            );
            if (\in_array('touch', $functions, true)) {
                $changes["parts.$i.functions"] = array_values(array_diff($functions, ['touch']));
            }
        }
        self::assertNotSame([], $changes);
        self::assertSame(['hint-nobody-serves'], self::brought('quillon-vesper', $changes));
    }

    public function testAPartThatNothingHoldsOrThatServesNothingIsAskedAfter(): void
    {
        $data = Phones::data('quillon-vesper');
        self::assertIsArray($data['parts']);
        $loose = [
            'id' => 'loose',
            'kind' => 'vibration-motor',
            'name' => 'Loose motor',
            'carriedBy' => 'housing',
            'face' => 'front',
            'tool' => 'hand',
            'x' => 30,
            'y' => 120,
            'width' => 8,
            'height' => 8,
            'seconds' => 10,
        ];
        $with = static fn(array $more): array => ['parts' => [...$data['parts'], $more + $loose]];
        self::assertSame(['hint-nothing-holds', 'hint-serves-nothing'], self::brought('quillon-vesper', $with([])));
        self::assertSame(
            ['hint-nothing-holds'],
            self::brought('quillon-vesper', $with(['functions' => ['vibration']])),
        );
        self::assertSame(['hint-serves-nothing'], self::brought('quillon-vesper', $with(['after' => ['display']])));
        self::assertSame(
            [],
            self::brought('quillon-vesper', $with(['after' => ['display'], 'functions' => ['vibration']])),
        );
        self::assertSame(
            [],
            self::brought('quillon-vesper', $with(['kind' => 'cover', 'after' => ['display']])),
            'a cover serves by covering',
        );
    }

    public function testTwoThatNobodyCarriesAreNamed(): void
    {
        $data = Phones::data('quillon-vesper');
        self::assertIsArray($data['parts']);
        $second = [
            'id' => 'second',
            'kind' => 'frame',
            'name' => 'Second frame',
            'face' => 'front',
            'tool' => 'hand',
            'x' => 30,
            'y' => 120,
            'width' => 8,
            'height' => 8,
            'seconds' => 10,
        ];
        self::assertContains(
            'hint-one-carries-all',
            self::brought('quillon-vesper', ['parts' => [...$data['parts'], $second]]),
        );
    }
}
