<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;

/** How long hot air is held over one glued flex, kept moving, until its glue lets go. */
final readonly class FlexWarming
{
    /** °C that the gun is set to for a flex (common practice, no source). */
    public const SET = 200.0;
    /** A flex is scorched by more than this, whatever the glue does, s (common practice, no source). */
    private const LONGEST = 40;

    /**
     * @param float $room °C
     *
     * @return int whole seconds, rounded up
     */
    public function seconds(Source $air, AdhesiveWindow $window, float $room = Usual::ROOM): int
    {
        $lane = new Lane(self::stack(), $room);
        $lane->heat($air);
        $second = 0;
        while ($second < self::LONGEST && $lane->meanOf(1) < $window->low) {
            $lane->advance(1.0);
            ++$second;
        }

        return $second;
    }

    /** @return list<Layer> flex, glue, and what it is glued to (engineering estimates, from memory) */
    private static function stack(): array
    {
        return [
            new Layer(
                'flex',
                LayerRole::Other,
                0.15,
                0.2,
                1420,
                1090,
                0.0,
            ),
            new Layer(
                'glue',
                LayerRole::Bond,
                0.1,
                0.2,
                1050,
                1700,
                0.0,
            ),
            new Layer(
                'panel',
                LayerRole::Panel,
                0.6,
                0.3,
                1600,
                1100,
                0.0,
            ),
        ];
    }
}
