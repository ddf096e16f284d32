<?php

declare(strict_types=1);

namespace Facelift\Tests\Pack;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Pack\BadPack;
use Facelift\Pack\Packed;
use Facelift\Pack\PackReader;
use Facelift\Pack\PackWriter;
use Facelift\Pack\ShopKey;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PackTest extends TestCase
{
    use TestTrait;

    /** RFC 8032, section 7.1, test 2: the secret key's seed, its public key, and the signature of the byte 0x72. */
    private const SEED = '4ccd089b28ff96da9db6c346ec114e0f5b8a319f35aba624da8cf6ed4fb8a6fb';
    private const KEY = '3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c';
    private const SIGNATURE = '92a009a9f0d4cab8720e820b5f642540a2b27b5416503f8fb3762223ebdb69da'
        . '085ac1e43e15996e458f3613d0f11d8c387b2eaeb4302aeeb00d291612bb0c00';

    public function testTheKeySignsAsPublished(): void
    {
        $key = self::shopKey();
        self::assertSame(self::KEY, bin2hex($key->public));
        self::assertSame(self::SIGNATURE, bin2hex($key->sign("\x72")));
        self::assertMatchesRegularExpression('/^([0-9a-f]{4} ){7}[0-9a-f]{4}$/', ShopKey::fingerprint($key->public));
    }

    public function testWhatGoesInComesOutAndSaysWhoseItIs(): void
    {
        foreach ([null, self::shopKey()] as $key) {
            $pack = (new PackReader())->read(self::entries($key));
            self::assertSame('Stall 9', $pack->shop);
            self::assertSame($key?->public, $pack->key);
            self::assertSame(
                ['quillon-vesper', 'ondrel-knot'],
                array_map(static fn(Packed $p): string => $p->phone->identity->id, $pack->files),
            );
            self::assertEquals(Phones::data('quillon-vesper'), $pack->files[0]->document);
        }
        $pack = (new PackReader())->read(self::entries(null));
        self::assertGreaterThan(20, PackWriter::rests($pack->files[1]->phone)['assumed']);
        self::assertSame(0, PackWriter::rests($pack->files[0]->phone)['assumed']);
    }

    /**
     * What is refused, with what is put into the pack (null takes it out) and what is written otherwise in it.
     *
     * @return iterable<string, array{string, array<string, string|null>, 2?: array<string, array{string, string}>}>
     */
    public static function broken(): iterable
    {
        $phone = 'phones/quillon-vesper.phone.json';
        yield 'a path that leads out' => ['pack-name', ['../../etc/cron.d/x' => 'x']];
        yield 'an absolute path' => ['pack-name', ['/phones/a.phone.json' => 'x']];
        yield 'a backslash' => ['pack-name', ['phones\\a.phone.json' => 'x']];
        yield 'another file' => ['pack-name', ['phones/run.php' => '<?php']];
        yield 'no manifest' => ['pack-no-manifest', ['manifest.json' => null]];
        yield 'a manifest that is none' => ['pack-no-manifest', ['manifest.json' => '[1,2']];
        yield 'another format' => ['pack-format', ['manifest.json' => '{"format":"zip","version":1}']];
        yield 'a phone more' => ['pack-not-named', ['phones/b.phone.json' => '{}']];
        yield 'a phone less' => ['pack-missing', [$phone => null]];
        yield 'a changed phone' => ['pack-sum', [], [$phone => ['71.4', '71.5']]];
        yield 'a lost signature' => ['pack-signature', ['manifest.sig' => null]];
        yield 'another shop' => ['pack-signature', [], ['manifest.json' => ['Stall 9', 'Stall 8']]];
        $empty = '{"format":"facelift-pack","version":1,"key":null,"files":[]}';
        yield 'nothing in it' => ['pack-empty', ['manifest.json' => $empty, 'manifest.sig' => null, $phone => null]];
    }

    /**
     * @param array<string, string|null>            $put
     * @param array<string, array{string, string}>  $replaced
     */
    #[DataProvider('broken')]
    public function testABadPackIsRefusedWhole(string $code, array $put, array $replaced = []): void
    {
        $entries = array_filter($put + self::entries(self::shopKey()), is_string(...));
        foreach ($replaced as $name => [$from, $to]) {
            $entries[$name] = str_replace($from, $to, $entries[$name] ?? '');
        }
        if ($code === 'pack-empty') {
            unset($entries['phones/ondrel-knot.phone.json']);
        }
        $this->expectException(BadPack::class);
        $this->expectExceptionMessage($code);
        (new PackReader())->read($entries);
    }

    public function testAPhoneFileThatIsFaultyOrNamedOtherwiseIsRefused(): void
    {
        $vesper = json_encode(Phones::data('quillon-vesper'), \JSON_THROW_ON_ERROR);
        foreach ([
            'pack-phone' => ['phones/a.phone.json', '{"format":"facelift-phone","version":1}'],
            'pack-not-json' => ['phones/a.phone.json', '[1]'],
            'pack-other-id' => ['phones/a.phone.json', $vesper],
        ] as $code => [$path, $bytes]) {
            $manifest = json_encode([
                'format' => 'facelift-pack', 'version' => 1, 'key' => null,
                'files' => [['path' => $path, 'bytes' => \strlen($bytes), 'sha256' => hash('sha256', $bytes)]],
            ], \JSON_THROW_ON_ERROR);
            try {
                (new PackReader())->read(['manifest.json' => $manifest, $path => $bytes]);
                self::fail($code);
            } catch (BadPack $e) {
                self::assertSame($code, $e->reason->code);
            }
        }
    }

    /** One bit anywhere, and a signed pack is none any more. */
    public function testAnyChangedByteOfASignedPackIsNoticed(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(0, 1 << 30))->then(static function (int $seed): void {
            $entries = self::entries(self::shopKey());
            $dice = new Dice($seed);
            $name = $dice->pick(['manifest.json', 'manifest.sig', 'phones/quillon-vesper.phone.json']);
            $bytes = $entries[$name];
            $at = $dice->int(0, \strlen($bytes) - 2);
            $other = \chr(\ord($bytes[$at]) ^ 1);
            try {
                (new PackReader())->read([$name => substr_replace($bytes, $other, $at, 1)] + $entries);
                self::fail("$name at $at");
            } catch (BadPack $e) {
                self::assertStringStartsWith('pack-', $e->reason->code);
            }
        });
    }

    public function testInWhichJobsSomethingWasSeenStaysWithTheShop(): void
    {
        $document = Phones::provisional();
        $footing = $document['footing'];
        \assert(\is_array($footing) && \is_array($footing['elements']) && \is_array($footing['elements'][0]));
        $footing['elements'][0]['job'] = 'T-0308';
        $footing['repairs'] = [[
            'job' => 'T-0308', 'day' => '2026-11-26', 'steps' => [], 'easily' => 0, 'dragged' => 0, 'readings' => 0,
            'trial' => 'passed', 'failed' => [],
        ]];
        $document['footing'] = $footing;
        $entries = (new PackWriter())->entries([$document], 'Stall 9', '2026-11-26', null);
        self::assertStringNotContainsString('T-0308', implode('', $entries));
        self::assertCount(1, (new PackReader())->read($entries)->files[0]->phone->footing->repairs);
    }

    /** @return array<string, string> */
    private static function entries(?ShopKey $key): array
    {
        $phones = [Phones::data('quillon-vesper'), Phones::provisional()];

        return (new PackWriter())->entries($phones, 'Stall 9', '2026-11-26', $key);
    }

    private static function shopKey(): ShopKey
    {
        $seed = (string) hex2bin(self::SEED);
        \assert($seed !== '');

        return ShopKey::of($seed);
    }
}
