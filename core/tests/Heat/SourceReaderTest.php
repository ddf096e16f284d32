<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Document\Unreadable;
use Facelift\Heat\Origin;
use Facelift\Heat\SourceKind;
use Facelift\Heat\SourceReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SourceReaderTest extends TestCase
{
    public function testReadsEveryKind(): void
    {
        $read = new SourceReader();
        self::assertSame(85.0, $read->read(['kind' => 'plate', 'set' => 85])->set);
        $own = $read->read(['kind' => 'plate', 'set' => 85, 'coefficient' => 140]);
        self::assertSame([140.0, Origin::ShopsOwn], [$own->coefficient, $own->origin]);
        self::assertSame(
            SourceKind::HotAir,
            $read->read(['kind' => 'hot-air', 'set' => 120, 'distance' => 30, 'edge' => 150])->kind,
        );
        self::assertSame(SourceKind::LocalAir, $read->read(['kind' => 'local-air', 'set' => 200])->kind);
        // 350 W for 2.5 min into 0.5 kg of 1800 J/kgK: 58.3 K above 22 °C.
        self::assertEqualsWithDelta(
            80.3,
            $read->read(['kind' => 'grain-bag', 'mass' => 0.5, 'minutes' => 2.5])->set,
            0.05,
        );
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('bad')]
    public function testNamesTheField(array $data, string $path): void
    {
        try {
            (new SourceReader())->read($data);
            self::fail('it was read');
        } catch (Unreadable $e) {
            self::assertSame($path, $e->faults[0]->path);
        }
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield [['kind' => 'oven', 'set' => 85], 'kind'];
        yield [['kind' => 'plate', 'set' => 400], 'set'];
        yield [['kind' => 'plate'], 'set'];
        yield [['kind' => 'hot-air', 'set' => 120, 'distance' => 3, 'edge' => 150], 'distance'];
        yield [['kind' => 'grain-bag', 'mass' => 9, 'minutes' => 2], 'mass'];
        yield [['kind' => 'plate', 'set' => 85, 'coefficient' => 5], 'coefficient'];
        yield [['kind' => 'plate', 'set' => 85, 'colour' => 'red'], 'colour'];
    }
}
