<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Fit\FigureFrom;
use Facelift\Fit\Thickness;

/** A roll of double-sided tape that the shop has. */
final readonly class Roll
{
    /** What foam tape gives under pressing, share of its thickness (engineering estimate, from memory). */
    public const FOAM_GIVES = 0.2;
    /** ± mm that tape may be off its nominal thickness (engineering estimate, from memory). */
    private const WITHIN = 0.03;

    /**
     * @param float $width     mm, 0.5 to 20
     * @param float $thickness mm as laid, 0.02 to 3
     * @param float $gives     share of its thickness that pressing takes, 0 to 0.8
     * @param float $left      mm on the roll, zero or more
     *
     * @throws NothingToSeal If a figure lies outside; it says which.
     */
    public function __construct(
        public string $id,
        public float $width,
        public float $thickness,
        public float $gives,
        public float $left,
    ) {
        $limits = [
            'width' => [$width, 0.5, 20.0],
            'thickness' => [$thickness, 0.02, 3.0],
            'gives' => [$gives, 0.0, 0.8],
            'left' => [$left, 0.0, 200_000.0],
        ];
        foreach ($limits as $field => [$is, $low, $high]) {
            if (!is_finite($is) || $is < $low || $is > $high) {
                throw NothingToSeal::figure($field, $is, $low, $high);
            }
        }
    }

    /** As it lies under the pressed screen. */
    public function pressed(): Thickness
    {
        return new Thickness(round($this->thickness * (1 - $this->gives), 4), self::WITHIN, FigureFrom::Roll);
    }
}
