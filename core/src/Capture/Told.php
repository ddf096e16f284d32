<?php

declare(strict_types=1);

namespace Facelift\Capture;

/** What is said of an unknown phone at the counter: from its label, with a ruler, and by looking at it. */
final readonly class Told
{
    /** Limits of a phone that is held in a hand, mm (engineering estimate). */
    public const WIDTH = [45.0, 110.0];
    public const HEIGHT = [90.0, 190.0];
    public const THICKNESS = [4.0, 20.0];

    /**
     * @param float            $width     mm, within `WIDTH`
     * @param float            $height    mm, within `HEIGHT`
     * @param float            $thickness mm, within `THICKNESS`
     * @param list<SeenThing>  $front     as tapped; empty to take them where phones of the family have them
     * @param bool             $tray      it has one for a SIM at its side
     */
    public function __construct(
        public string $maker,
        public string $model,
        public string $code,
        public float $width,
        public float $height,
        public float $thickness,
        public array $front = [],
        public bool $tray = true,
        public bool $stylus = false,
        public bool $curved = false,
    ) {}

    /** Id of the phone file: letters and digits of maker and model. */
    public function id(): string
    {
        $plain = preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($this->maker . ' ' . $this->model));

        return trim((string) $plain, '-');
    }
}
