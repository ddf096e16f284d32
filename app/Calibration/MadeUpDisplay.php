<?php

declare(strict_types=1);

namespace App\Calibration;

use Facelift\Calibration\Field;
use Facelift\Calibration\FieldKind;
use Facelift\Calibration\MemoryLayout;

/** A display's memory with figures that are made up: for the demo and the stand-in, never for a customer's phone. */
final readonly class MadeUpDisplay
{
    /** @param string $marking of the panel; what differs from one to the other follows from it */
    public function __construct(public string $marking) {}

    /** @return string as many bytes as the layout has; those of no known field are 0xFF */
    public function bytes(MemoryLayout $layout): string
    {
        $memory = str_repeat("\xFF", $layout->size);
        foreach ($layout->fields as $field) {
            $memory = $field->over($memory, $this->value($field));
        }

        return $memory;
    }

    /** @return list<float>|string */
    private function value(Field $field): array|string
    {
        $by = (crc32($this->marking . $field->name) % 200 - 100) / 100;

        return match ($field->kind) {
            FieldKind::PartNumber => $this->marking,
            FieldKind::WhitePoint => [0.3127 + 0.004 * $by, 0.329 + 0.003 * $by],
            FieldKind::ColourMatrix => [
                1.0,
                -0.02 + 0.01 * $by,
                0.005,
                0.012,
                0.98 + 0.01 * $by,
                0.001,
                0.0,
                -0.001,
                0.995 - 0.01 * $by,
            ],
            FieldKind::AmbientGain => [1.18 + 0.1 * $by],
            FieldKind::Counter => [round(2100 + 2000 * $by)],
        };
    }
}
