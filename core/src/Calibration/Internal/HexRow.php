<?php

declare(strict_types=1);

namespace Facelift\Calibration\Internal;

/** Bytes of one data record at their full address. */
final readonly class HexRow
{
    /** @param string $path the line that they stand on */
    public function __construct(public int $at, public string $data, public string $path) {}
}
