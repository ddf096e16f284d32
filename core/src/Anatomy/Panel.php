<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** The display panel that the phone was built with. */
final readonly class Panel
{
    /**
     * @param bool   $memory true if the display carries colour and light calibration
     * @param float  $flexNeeded mm of flex needed to reach the connector from outside the phone for a trial
     * @param float  $testExtension mm that a test extension for its connector adds; 0 if there is none
     * @param int    $noticeDays days that the notice stands in front; after them only in the settings, 0 if unknown
     * @param PanelMemory|null $data what lies in the memory; null if there is none, or nothing is known of it
     */
    public function __construct(
        public PanelTechnology $technology,
        public string $connectorCode,
        public bool $memory,
        public Notice $notice,
        public float $flexNeeded,
        public bool $readerUnderDisplay,
        public int $refresh,
        public float $testExtension = 0.0,
        public int $noticeDays = 0,
        public ?PanelMemory $data = null,
    ) {}

    /**
     * Can a new part be connected while the old one is still in?
     *
     * @param float $flex mm of the new part's flex
     */
    public function canBeTried(float $flex): bool
    {
        return $flex + $this->testExtension >= $this->flexNeeded;
    }

    /**
     * True if a trial is possible, yet only over a test extension.
     *
     * @param float $flex mm of the new part's flex
     */
    public function needsExtension(float $flex): bool
    {
        return $flex < $this->flexNeeded && $this->canBeTried($flex);
    }
}
