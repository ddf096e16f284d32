<?php

declare(strict_types=1);

namespace Facelift\Tests\Anatomy;

use Facelift\Anatomy\PhoneReader;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PhoneReaderTest extends TestCase
{
    public function testReadsTheShippedPhones(): void
    {
        $vesper = Phones::read('quillon-vesper');
        self::assertSame('Quillon Vesper', $vesper->identity->name());
        self::assertSame(
            5,
            array_sum(
                array_map(static fn(string $id): int => $vesper->fasteners[$id]->count(), [
                    'bracket-short',
                    'bracket-middle',
                    'bracket-long',
                ]),
            ),
        );
        self::assertSame('battery-plug', $vesper->powerConnector()->id);
        $fern = Phones::read('brasca-fern-5');
        self::assertSame(16, $fern->fasteners['upper-screws']->count() + $fern->fasteners['lower-screws']->count());
        self::assertTrue($fern->movesWith('rear-camera', 'frame'));
        self::assertFalse($fern->movesWith('frame', 'rear-camera'));
    }

    /** @param callable(array<string, mixed>): mixed $break */
    /** An open backlight bears no adhesive in its well: bright marks stay. */
    public function testAnOpenBacklightTakesNoPadInTheMiddle(): void
    {
        $pad = ['id' => 'pad', 'name' => 'Pad', 'x' => 37, 'y' => 60, 'width' => 20, 'height' => 5];
        $faults = self::faultsOf(Phones::changed('tivane-anvil', ['bonds.1.zones' => [$pad]]));
        self::assertSame('bonds[1].zones', $faults[0]->path);
    }

    #[DataProvider('broken')]
    public function testRefusesWithPathAndReason(callable $break, string $path, string $reason): void
    {
        $faults = self::faultsOf($break(Phones::data('quillon-vesper')));
        $lines = array_map(static fn(Fault $f): string => $f->path . ': ' . $f->reason, $faults);
        self::assertContains($path . ': ' . $reason, $lines, implode("\n", $lines));
    }

    /** @return iterable<string, array{callable, string, string}> */
    public static function broken(): iterable
    {
        $with = static fn(string $path, mixed $value): callable => static fn(array $d): array => self::put(
            $d,
            explode('.', $path),
            $value,
        );
        yield 'not an object' => [static fn(): mixed => 'phone', '', 'must be an object'];
        yield 'another format' => [$with('format', 'other'), 'format', 'must be facelift-phone with version 1 or 2'];
        yield 'a missing name' => [
            $with('identity', [
                'id' => 'x',
                'maker' => 'Quillon',
                'year' => 2021,
                'mass' => 170,
                'codes' => [['code' => 'X', 'region' => 'Y']],
            ]),
            'identity.model',
            'is missing',
        ];
        yield 'a misspelt key' => [$with('identity.modle', 'x'), 'identity.modle', 'is not a member of this object'];
        yield 'a text for a number' => [$with('body.width', 'wide'), 'body.width', 'must be a number'];
        yield 'a number out of range' => [
            $with('body.width', 900),
            'body.width',
            'is 900, must lie between 20 and 300',
        ];
        yield 'an unknown driver' => [
            $with('fasteners.0.driver', 'Q9'),
            'fasteners[0].driver',
            'must be one of P2, Y000, PH000, PH00, T3, T5, T6',
        ];
        yield 'a screw longer than its hole' => [
            $with('fasteners.3.length', 3.5),
            'fasteners[3].length',
            'is 3.5 mm, longer than its hole of 2.9 mm',
        ];
        yield 'an opening outside the glass' => [
            $with('openings.1.x', 71),
            'openings[1]',
            '"camera-hole" lies outside the glass',
        ];
        yield 'a fastener off the phone' => [
            $with('fasteners.0.places.1', ['x' => 1, 'y' => 1]),
            'fasteners[0].places[1]',
            '(1.0, 1.0) lies off the phone',
        ];
        yield 'a part off the phone' => [$with('parts.2.y', 160), 'parts[2]', '"bracket" lies off the phone'];
        yield 'a ledge that leaves nothing inside' => [
            static fn(array $d): array => $with('ledge.right', 19)($with('body.width', 21)($d)),
            'ledge',
            'leaves nothing inside of a glass of 19.4 × 144.6 mm',
        ];
        yield 'a narrower stretch that is wider' => [
            $with('ledge.narrowings', [['side' => 'left', 'from' => 10, 'to' => 20, 'width' => 1.9]]),
            'ledge.narrowings[0].width',
            'is 1.90 mm, must be less than the 1.70 mm of its side',
        ];
        yield 'a narrower stretch past the end' => [
            $with('ledge.narrowings', [['side' => 'top', 'from' => 60, 'to' => 90, 'width' => 1]]),
            'ledge.narrowings[0].to',
            'lies beyond the end of the side',
        ];
        yield 'a pad off the glass' => [
            $with('bonds.0.zones', [
                ['id' => 'pad', 'name' => 'Pad', 'x' => 70, 'y' => 20, 'width' => 20, 'height' => 5],
            ]),
            'bonds[0].zones[0]',
            '"pad" lies outside the glass',
        ];
        yield 'an unknown id' => [
            $with('fasteners.1.after', ['lid']),
            'fasteners[1].after[0]',
            '"lid" is not an id in this file',
        ];
        yield 'a carrier that is not there' => [
            $with('parts.1.carriedBy', 'hull'),
            'parts[1].carriedBy',
            '"hull" is not an id in this file',
        ];
        yield 'carriers in a ring' => [
            $with('parts.0.carriedBy', 'display'),
            'parts[0].carriedBy',
            'is a ring: housing is carried by display is carried by housing',
        ];
        yield 'an id used twice' => [
            $with('connectors.1.id', 'battery-plug'),
            'connectors[1].id',
            '"battery-plug" is used twice',
        ];
        yield 'two batteries' => [
            $with('connectors.1.power', true),
            'connectors',
            'exactly one must be the battery\'s (power: true), 2 are',
        ];
        yield 'a stack without a bond' => [
            $with('bonds.0.stack', 'centre'),
            'bonds[0].stack',
            '"centre" has no layer with the role bond',
        ];
        yield 'a stretch longer than its side' => [
            $with('bonds.0.cut.stretches.0.to', 80),
            'bonds[0].cut.stretches[0].to',
            'is 80.0 mm, the side is 71.4 mm long',
        ];
        yield 'cutting into the hinge' => [
            $with('bonds.0.cut.stretches.4.forbidden', false),
            'bonds[0].cut.stretches[4].forbidden',
            'must be true on the hinge side',
        ];
        yield 'a ring of blocks, named in order' => [
            $with('parts.2.after', ['battery-plug']),
            'parts',
            'nothing in this ring can come off first: battery-plug waits for bracket waits for battery-plug',
        ];
    }

    public function testFindsEveryFaultInOnePass(): void
    {
        $data = Phones::data('quillon-vesper');
        $data['identity'] = ['id' => 'x'];
        $data['family'] = 'sliding';
        $data['bonds'] = 'none';
        self::assertGreaterThan(5, \count(self::faultsOf($data)));
    }

    /** @return list<Fault> */
    private static function faultsOf(mixed $data): array
    {
        try {
            (new PhoneReader())->read($data);
        } catch (Unreadable $e) {
            return $e->faults;
        }
        self::fail('the file was read');
    }

    /**
     * @param array<array-key, mixed> $data
     * @param non-empty-list<string>  $path
     *
     * @return array<array-key, mixed>
     */
    private static function put(array $data, array $path, mixed $value): array
    {
        $key = array_shift($path);
        $inner = $data[$key] ?? [];
        $data[$key] = $path === [] ? $value : self::put(\is_array($inner) ? $inner : [], $path, $value);

        return $data;
    }
}
