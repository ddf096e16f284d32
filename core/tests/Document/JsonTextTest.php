<?php

declare(strict_types=1);

namespace Facelift\Tests\Document;

use Facelift\Document\Fault;
use Facelift\Document\JsonText;
use Facelift\Document\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a decoder passes over is said. Doubled names: RFC 8259, section 4, leaves open what becomes of them. */
final class JsonTextTest extends TestCase
{
    public function testADocumentIsReadAsItStands(): void
    {
        $text = '{"a": [{"b": 1}, {"b": 2}], "c\u0041": {"b": "{\"b\":1,\"b\":2}"}, "d": {}}';

        self::assertSame(
            ['a' => [['b' => 1], ['b' => 2]], 'cA' => ['b' => '{"b":1,"b":2}'], 'd' => []],
            JsonText::read($text, 'phone file'),
        );
    }

    /** @return array<string, array{string, list<array{string, string}>}> */
    public static function refused(): array
    {
        return [
            'a name twice' => ["{\"a\": 1,\n\"a\": 2}", [['a', 'stands a second time, in line 2']]],
            'within' => [
                "{\"parts\": [{\"id\": \"x\"},\n {\"id\": \"y\", \"at\": {\"x\": 1, \"x\": 2}}]}",
                [['parts[1].at.x', 'stands a second time, in line 2']],
            ],
            'written another way' => ['{"aA": 1, "a\u0041": 2}', [['aA', 'stands a second time, in line 1']]],
            'three times, and another' => [
                "{\"a\": {\"k\": 1, \"k\": 2},\n\"a\": 2,\n\"a\": 3}",
                [
                    ['a.k', 'stands a second time, in line 1'],
                    ['a', 'stands a second time, in line 2'],
                    ['a', 'stands a second time, in line 3'],
                ],
            ],
            'a mark before it' => [
                "\u{FEFF}{}",
                [['', 'begins with a byte order mark: save it as UTF-8 without one']],
            ],
            'no JSON' => ['{"a": }', [['', 'is not JSON: Syntax error']]],
            'too large' => [
                '"' . str_repeat('x', JsonText::LARGEST) . '"',
                [['', 'has 2.0 MB, and no more than 2 are read']],
            ],
        ];
    }

    /** @param list<array{string, string}> $faults */
    #[DataProvider('refused')]
    public function testWhatIsWrongIsSaid(string $text, array $faults): void
    {
        try {
            JsonText::read($text, 'phone file');
            self::fail('it was read');
        } catch (Unreadable $e) {
            self::assertSame($faults, array_map(static fn(Fault $f): array => [$f->path, $f->reason], $e->faults));
        }
    }

    /** @return array<string, array{string}> */
    public static function shipped(): array
    {
        $files = glob(__DIR__ . '/../../../phones/*.phone.json');
        $files = $files === false ? [] : $files;

        return array_combine(
            array_map(basename(...), $files),
            array_map(static fn(string $file): array => [(string) file_get_contents($file)], $files),
        );
    }

    #[DataProvider('shipped')]
    public function testAShippedPhoneFileHoldsEachNameOnce(string $text): void
    {
        self::assertSame(json_decode($text, true), JsonText::read($text, 'phone file'));

        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('identity.id: stands a second time');
        JsonText::read((string) preg_replace('/("id": "[^"]+")/', '$1, $1', $text, 1), 'phone file');
    }
}
