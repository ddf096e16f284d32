<?php

declare(strict_types=1);

namespace Facelift\Fit;

/** The data sheet of a part, as far as the supplier gives one. Null means that the datum is missing. */
final readonly class Sheet
{
    /**
     * @param float|null $width         mm of lit area
     * @param float|null $height        mm of lit area
     * @param float|null $thickness     mm of the module, glass to back, without adhesive
     * @param bool|null  $stylusLayer   a layer that senses the stylus is in it
     * @param bool|null  $readerThrough a fingerprint reader can see through it
     * @param bool|null  $memory        it carries a memory for calibration data
     * @param bool|null  $chipPlace     it has a place for the old display's chip, free or with one that comes off
     * @param bool|null  $pulled        it came out of another phone
     */
    public function __construct(
        public ?float $width = null,
        public ?float $height = null,
        public ?int $pixelsWide = null,
        public ?int $pixelsHigh = null,
        public ?float $thickness = null,
        public ?bool $stylusLayer = null,
        public ?bool $readerThrough = null,
        public ?bool $memory = null,
        public ?bool $chipPlace = null,
        public ?bool $pulled = null,
    ) {}

    public static function unknown(): self
    {
        return new self();
    }
}
