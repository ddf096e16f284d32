<?php

declare(strict_types=1);

namespace Tests\Contract;

use Facelift\Calibration\DumpDocument;
use Facelift\Tests\Calibration\Made;
use PHPUnit\Framework\TestCase;
use Tests\Schemas;

final class DumpSchemaTest extends TestCase
{
    public function testADumpAgreesWithItsSchema(): void
    {
        self::assertSame([], Schemas::faults(self::dump(), 'schemas/dump.schema.json'));
    }

    public function testTheSchemaRefusesWhatIsNoDump(): void
    {
        foreach (['panel', 'crc32', 'blocks', 'layout'] as $member) {
            $dump = self::dump();
            unset($dump[$member]);
            self::assertNotSame([], Schemas::faults($dump, 'schemas/dump.schema.json'), $member);
        }
    }

    /** @return array<string, mixed> */
    private static function dump(): array
    {
        return (new DumpDocument())->write(Made::dump());
    }
}
