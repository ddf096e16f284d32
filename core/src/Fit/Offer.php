<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\ReplacementKind;

/** What is known of a part on the shelf or on a list. Null means that the datum is missing. */
final readonly class Offer
{
    /**
     * @param list<string>      $modelCodes model codes that it is sold for
     * @param list<string>|null $brings     small parts fitted, by the phone file's ids
     */
    public function __construct(
        public array $modelCodes,
        public ReplacementKind $kind,
        public ?string $connectorCode,
        public ?PanelTechnology $technology,
        public ?string $colour,
        public ?int $refresh,
        public ?array $brings,
        public Sheet $sheet = new Sheet(),
    ) {}
}
