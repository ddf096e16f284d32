<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Renewal;
use Facelift\Fit\HeightBudget;

/** How one bond is made again. */
final readonly class SealPlan
{
    /**
     * @param list<Strip>          $strips  empty unless taped
     * @param array<string, float> $metres  tape used per stock width, keyed like `2.0 mm`
     * @param HeightBudget|null    $height  for the display's own bond
     * @param list<string>         $freed   openings that strips are cut free of
     */
    public function __construct(
        public string $bond,
        public Renewal $renewal,
        public array $strips,
        public array $metres,
        public ?HeightBudget $height,
        public array $freed,
    ) {}
}
