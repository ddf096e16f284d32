<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Parts on the demo shelf: suppliers, batches and places are invented. */
final readonly class DemoShelf
{
    private const VESPER = ['QV-2110', 'QV-2111', 'QV-2114'];
    private const GRAND = ['QG-2210', 'QG-2211'];
    private const FERN = ['BF5-E', 'BF5-P'];

    /** What the data sheets say. */
    private const VESPER_SHEET = ['width' => 64.2, 'height' => 138.6, 'pixelsWide' => 1080, 'pixelsHigh' => 2332, 'stylusLayer' => false, 'readerThrough' => false];
    private const FERN_SHEET = ['width' => 69.4, 'height' => 151.6, 'pixelsWide' => 1080, 'pixelsHigh' => 2360, 'stylusLayer' => false, 'readerThrough' => false, 'memory' => false];

    private const GRAND_SHEET = ['width' => 71.2, 'height' => 153.6, 'pixelsWide' => 1284, 'pixelsHigh' => 2778, 'stylusLayer' => false, 'readerThrough' => false];

    public const ITEMS = [
        ['label' => 'S-101', 'name' => 'Vesper display', 'kind' => 'display-assembly', 'model_codes' => self::VESPER, 'connector' => 'QV-46P', 'technology' => 'oled', 'colour' => 'graphite', 'refresh' => 60, 'brings' => [], 'cost' => '61.40', 'sheet' => ['thickness' => 1.35, 'memory' => true] + self::VESPER_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2641', 'place' => 'A1'],
        ['label' => 'S-102', 'name' => 'Vesper display', 'kind' => 'display-assembly', 'model_codes' => self::VESPER, 'connector' => 'QV-46P', 'technology' => 'oled', 'colour' => 'graphite', 'refresh' => 60, 'brings' => [], 'cost' => '61.40', 'sheet' => ['thickness' => 1.35, 'memory' => true] + self::VESPER_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2641', 'place' => 'A1'],
        ['label' => 'S-108', 'name' => 'Vesper display', 'kind' => 'display-assembly', 'model_codes' => self::VESPER, 'connector' => 'QV-46P', 'technology' => 'oled', 'colour' => 'graphite', 'refresh' => 60, 'brings' => [], 'cost' => '61.40', 'sheet' => ['thickness' => 1.35, 'memory' => true] + self::VESPER_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2641', 'place' => 'A1'],
        ['label' => 'S-103', 'name' => 'Vesper display, hard OLED', 'kind' => 'display-assembly', 'model_codes' => self::VESPER, 'connector' => 'QV-46P', 'technology' => 'hard-oled', 'colour' => 'graphite', 'refresh' => 60, 'brings' => [], 'cost' => '44.90', 'sheet' => ['thickness' => 1.55, 'memory' => true] + self::VESPER_SHEET, 'supplier' => 'Ostrava Screen Trade', 'batch' => 'OST-118', 'place' => 'A2'],
        ['label' => 'S-104', 'name' => 'Vesper display, LCD', 'kind' => 'display-assembly', 'model_codes' => ['QV-2110'], 'connector' => 'QV-46P', 'technology' => 'lcd', 'colour' => 'chalk', 'refresh' => 60, 'brings' => [], 'cost' => '31.20', 'sheet' => ['thickness' => 1.62, 'memory' => false] + self::VESPER_SHEET, 'supplier' => 'Ostrava Screen Trade', 'batch' => 'OST-120', 'place' => 'A2'],
        ['label' => 'S-105', 'name' => 'Vesper display with earpiece flex', 'kind' => 'display-with-small-parts', 'model_codes' => self::VESPER, 'connector' => 'QV-46P', 'technology' => 'oled', 'colour' => 'graphite', 'refresh' => 60, 'brings' => ['earpiece-flex', 'mesh'], 'cost' => '78.00', 'sheet' => ['thickness' => 1.35, 'memory' => true] + self::VESPER_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2650', 'place' => 'A3'],
        ['label' => 'S-106', 'name' => 'Vesper display, no data sheet', 'kind' => 'display-assembly', 'model_codes' => self::VESPER, 'connector' => 'QV-46P', 'technology' => null, 'colour' => null, 'refresh' => null, 'brings' => [], 'cost' => '25.00', 'sheet' => null, 'supplier' => 'Market find', 'batch' => 'none', 'place' => 'A9'],
        ['label' => 'S-107', 'name' => 'Vesper cover glass', 'kind' => 'glass-only', 'model_codes' => self::VESPER, 'connector' => null, 'technology' => null, 'colour' => 'graphite', 'refresh' => null, 'brings' => [], 'cost' => '7.80', 'sheet' => null, 'supplier' => 'Ostrava Screen Trade', 'batch' => 'OST-140', 'place' => 'A4'],
        ['label' => 'S-201', 'name' => 'Fern 5 display', 'kind' => 'display-assembly', 'model_codes' => self::FERN, 'connector' => 'BF-40Z', 'technology' => 'oled', 'colour' => 'slate', 'refresh' => 90, 'brings' => [], 'cost' => '58.30', 'sheet' => ['thickness' => 1.4] + self::FERN_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2702', 'place' => 'B1'],
        ['label' => 'S-207', 'name' => 'Fern 5 display', 'kind' => 'display-assembly', 'model_codes' => self::FERN, 'connector' => 'BF-40Z', 'technology' => 'oled', 'colour' => 'slate', 'refresh' => 90, 'brings' => [], 'cost' => '58.30', 'sheet' => ['thickness' => 1.4] + self::FERN_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2702', 'place' => 'B1'],
        ['label' => 'S-202', 'name' => 'Fern 5 display', 'kind' => 'display-assembly', 'model_codes' => self::FERN, 'connector' => 'BF-40Z', 'technology' => 'oled', 'colour' => 'moss', 'refresh' => 90, 'brings' => [], 'cost' => '58.30', 'sheet' => ['thickness' => 1.4] + self::FERN_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2702', 'place' => 'B1'],
        ['label' => 'S-203', 'name' => 'Fern 5 display, soft OLED 60 Hz', 'kind' => 'display-assembly', 'model_codes' => ['BF5-E'], 'connector' => 'BF-40Z', 'technology' => 'soft-oled', 'colour' => 'slate', 'refresh' => 60, 'brings' => [], 'cost' => '41.60', 'sheet' => ['thickness' => 1.45] + self::FERN_SHEET, 'supplier' => 'Ostrava Screen Trade', 'batch' => 'OST-131', 'place' => 'B2'],
        ['label' => 'S-204', 'name' => 'Fern 5 display with frame', 'kind' => 'display-with-frame', 'model_codes' => self::FERN, 'connector' => 'BF-40Z', 'technology' => 'oled', 'colour' => 'slate', 'refresh' => 90, 'brings' => ['mesh', 'side-keys'], 'cost' => '71.90', 'sheet' => ['thickness' => 1.4] + self::FERN_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2711', 'place' => 'B3'],
        ['label' => 'S-205', 'name' => 'Fern 5 display with frame', 'kind' => 'display-with-frame', 'model_codes' => self::FERN, 'connector' => 'BF-40Z', 'technology' => 'oled', 'colour' => 'moss', 'refresh' => 90, 'brings' => ['mesh', 'side-keys'], 'cost' => '71.90', 'sheet' => ['thickness' => 1.4] + self::FERN_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2711', 'place' => 'B3'],
        ['label' => 'S-301', 'name' => 'Vesper Grand display', 'kind' => 'display-assembly', 'model_codes' => self::GRAND, 'connector' => 'QG-52P', 'technology' => 'oled', 'colour' => 'graphite', 'refresh' => 60, 'brings' => [], 'cost' => '82.50', 'sheet' => ['thickness' => 1.35, 'memory' => true] + self::GRAND_SHEET, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2801', 'place' => 'C1'],
        ['label' => 'S-302', 'name' => 'Larch display with frame', 'kind' => 'display-with-frame', 'model_codes' => ['BL1-E', 'BL1-P'], 'connector' => 'BL-60S', 'technology' => 'soft-oled', 'colour' => 'slate', 'refresh' => 120, 'brings' => ['stylus-layer', 'mesh', 'side-keys'], 'cost' => '118.00', 'sheet' => null, 'supplier' => 'Norrby Panels', 'batch' => 'NP-2810', 'place' => 'C2'],
        ['label' => 'S-303', 'name' => 'Cobnut digitizer', 'kind' => 'digitizer-only', 'model_codes' => ['MC-5', 'MC-5D'], 'connector' => 'MC-18D', 'technology' => null, 'colour' => 'walnut', 'refresh' => null, 'brings' => [], 'cost' => '12.40', 'sheet' => null, 'supplier' => 'Ostrava Screen Trade', 'batch' => 'OST-150', 'place' => 'C3'],
        ['label' => 'S-206', 'name' => 'Fern 4 display, old connector', 'kind' => 'display-assembly', 'model_codes' => ['BF4-E', 'BF5-E'], 'connector' => 'BF-36Y', 'technology' => 'oled', 'colour' => 'slate', 'refresh' => 90, 'brings' => [], 'cost' => '19.00', 'sheet' => ['thickness' => 1.4] + self::FERN_SHEET, 'supplier' => 'Market find', 'batch' => 'none', 'place' => 'B9'],
    ];
}
