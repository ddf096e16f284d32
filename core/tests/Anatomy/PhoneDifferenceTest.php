<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\PhoneDifference;
use Facelift\Anatomy\PhoneHints;
use Facelift\Document\Reason;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PhoneDifferenceTest extends TestCase
{
    public function testTheSameFileHasNoDifferenceHoweverItsFiguresAreWritten(): void
    {
        foreach (Phones::ids() as $id) {
            self::assertSame([], (new PhoneDifference())->between(Phones::data($id), Phones::data($id)));
        }
        self::assertSame(
            [],
            (new PhoneDifference())->between(['body' => ['width' => 3]], ['body' => ['width' => 3.0]]),
        );
    }

    /**
     * @param array<string, mixed>            $changes
     * @param array<string, string|float|int> $figures
     */
    #[DataProvider('changes')]
    public function testSaysWhatChangedInWords(array $changes, string $code, array $figures): void
    {
        $found = (new PhoneDifference())->between(
            Phones::data('quillon-vesper'),
            Phones::changed('quillon-vesper', $changes),
        );
        self::assertCount(1, $found);
        self::assertSame($code, $found[0]->code);
        self::assertSame($figures, array_intersect_key($found[0]->figures, $figures));
    }

    /** @return iterable<string, array{array<string, mixed>, string, array<string, string|float|int>}> */
    public static function changes(): iterable
    {
        yield 'a figure of the body' => [
            ['body.thickness' => 8.4],
            'file-changed',
            ['member' => 'thickness', 'before' => '7.9', 'after' => '8.4'],
        ];
        yield 'a part moved' => [
            ['parts.1.x' => 40],
            'file-changed',
            ['name' => 'Display', 'member' => 'x', 'after' => '40'],
        ];
        yield 'a list' => [
            ['replacements.2.brings' => ['mesh']],
            'file-changed',
            ['member' => 'brings', 'before' => 'earpiece-flex, mesh', 'after' => 'mesh'],
        ];
        yield 'a flag taken out' => [
            ['connectors.5.boots' => null],
            'file-changed',
            ['member' => 'boots', 'before' => 'yes', 'after' => 'nothing'],
        ];
        yield 'a layer' => [['stacks.edge.layers.2.thickness' => 0.5], 'file-stack-changed', ['name' => 'edge']];
        yield 'a part taken out' => [['parts.13' => null], 'file-removed', ['group' => 'parts', 'name' => 'SIM tray']];
        yield 'a zone added' => [
            ['flexZones.2' => ['id' => 'z', 'name' => 'New zone']],
            'file-added',
            ['group' => 'flexZones', 'name' => 'New zone'],
        ];
    }

    /** Every single change of a figure is noticed. */
    public function testNoChangeOfAFigureIsMissed(): void
    {
        $dice = new Dice(3);
        for ($i = 0; $i < 60; ++$i) {
            $id = $dice->pick(['quillon-vesper', 'brasca-larch', 'maruvi-cobnut']);
            [$group, $member] = $dice->pick([
                ['parts', 'x'],
                ['parts', 'seconds'],
                ['fasteners', 'length'],
                ['connectors', 'y'],
                ['bonds', 'height'],
            ]);
            $data = Phones::data($id);
            self::assertIsArray($data[$group]);
            $at = $dice->int(0, \count($data[$group]) - 1);
            $changed = Phones::changed($id, ["$group.$at.$member" => 7.77]);
            $found = (new PhoneDifference())->between($data, $changed);
            self::assertCount(1, $found);
            self::assertSame($member, $found[0]->figures['member']);
        }
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string>         $codes
     */
    #[DataProvider('unfinished')]
    public function testHintsAskWhatIsNotFinished(array $changes, array $codes): void
    {
        // Loudspeaker and motor of this file are held by nothing, which is said of it as it is.
        $found = array_map(
            static fn(string $s): string => explode(' ', $s)[0],
            array_diff(self::said($changes), self::said([])),
        );
        self::assertSame($codes, array_values($found));
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<string>
     */
    private static function said(array $changes): array
    {
        return array_map(
            static fn(Reason $r): string => $r->code . ' ' . implode(' ', $r->figures),
            (new PhoneHints())->of(Phones::with('quillon-vesper', $changes)),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function unfinished(): iterable
    {
        yield 'a whole phone' => [[], []];
        yield 'nobody shows a picture' => [['parts.1.functions' => ['touch']], ['hint-nobody-serves']];
        yield 'two carry all' => [['parts.12.carriedBy' => null], ['hint-one-carries-all']];
        yield 'a flex that does not reach' => [['replacements.1.flexLength' => 10], ['hint-no-trial']];
        yield 'a part in the air' => [
            [
                'parts.14' => [
                    'id' => 'loose',
                    'kind' => 'loudspeaker',
                    'name' => 'Loose',
                    'carriedBy' => 'housing',
                    'face' => 'front',
                    'tool' => 'hand',
                    'x' => 30,
                    'y' => 30,
                    'width' => 5,
                    'height' => 5,
                    'seconds' => 5,
                    'functions' => ['loudspeaker'],
                ],
            ],
            ['hint-nothing-holds'],
        ];
    }
}
