<?php

declare(strict_types=1);

namespace Facelift\Tests\Calibration;

use Facelift\Calibration\Dump;
use Facelift\Calibration\Encoding;
use Facelift\Calibration\Field;
use Facelift\Calibration\FieldKind;
use Facelift\Calibration\MemoryLayout;

/** An invented display's memory. */
final class Made
{
    public static function layout(): MemoryLayout
    {
        return new MemoryLayout('QV-A', 256, 32, [
            new Field(
                'Part number',
                FieldKind::PartNumber,
                0,
                Encoding::Text,
                16,
            ),
            new Field(
                'White point',
                FieldKind::WhitePoint,
                32,
                Encoding::U16,
                2,
                0.0001,
            ),
            new Field(
                'Colour matrix',
                FieldKind::ColourMatrix,
                36,
                Encoding::S16,
                9,
                0.0001,
            ),
            new Field(
                'Ambient light gain',
                FieldKind::AmbientGain,
                64,
                Encoding::U16,
                1,
                0.001,
            ),
            new Field(
                'Hours lit',
                FieldKind::Counter,
                96,
                Encoding::U32,
                1,
            ),
        ]);
    }

    /** @param array<int, string> $changes bytes by the address that they are laid over */
    public static function dump(array $changes = []): Dump
    {
        $bytes = str_pad('QV46P-0713', 32, "\0")
            . pack('v2', 3127, 3290)
            . pack(
                'v9',
                10000,
                0xFF38,
                50,
                120,
                9800,
                10,
                0,
                0xFFF6,
                9950,
            );
        $bytes = str_pad($bytes, 64, "\xFF") . pack('v', 1180);
        $bytes = str_pad($bytes, 96, "\xFF") . pack('V', 4211);
        $bytes = str_pad($bytes, 256, "\xFF");
        foreach ($changes as $at => $change) {
            $bytes = substr_replace($bytes, $change, $at, \strlen($change));
        }

        return Dump::of('QV-46P 0713', 'QV-46P', self::layout(), $bytes);
    }
}
