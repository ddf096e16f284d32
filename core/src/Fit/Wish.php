<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\ReplacementKind;

/** What the job needs. */
final readonly class Wish
{
    /**
     * @param string|null $colour       bezel and frame; null if it does not matter
     * @param bool        $straightFrame true if the phone's own frame is bent and has to be replaced
     */
    public function __construct(
        public string $modelCode,
        public ReplacementKind $kind,
        public ?string $colour,
        public bool $straightFrame = false,
    ) {}
}
