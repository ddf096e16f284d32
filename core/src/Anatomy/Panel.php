<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** The display panel that the phone was built with. */
final readonly class Panel
{
    /**
     * @param bool   $memory true if the display carries colour and light calibration
     * @param string $notice `none`, `until-copied` or `stays`: the notice after a swap
     * @param float  $flexNeeded mm of flex needed to reach the connector from outside the phone for a trial
     */
    public function __construct(
        public PanelTechnology $technology,
        public string $connectorCode,
        public bool $memory,
        public string $notice,
        public float $flexNeeded,
        public bool $readerUnderDisplay,
        public int $refresh,
    ) {}
}
