<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\FrameMaterial;
use Facelift\Anatomy\Tool;

/** What is pushed along a bond. Common practice, no source. */
enum Blade: string
{
    /** Does not mark plastic or the back glass, and keeps its shape when hot. */
    case Card = 'card';
    case Pick = 'opening pick';
    /** Only between a metal housing and the display's rim: it marks everything else. */
    case ThinMetal = 'thin metal';
    /** Between glass and panel only. */
    case Wire = 'wire';

    public function tool(): Tool
    {
        return Tool::from($this->value);
    }

    /** For one stretch of an outer edge, by what it leans on and by the glass above it. */
    public static function along(FrameMaterial $frame, Face $face, AdhesiveKind $adhesive, bool $crazed): self
    {
        return match (true) {
            $frame === FrameMaterial::Plastic, $face === Face::Back => self::Card,
            // Crumbling glass gives a pick nothing to spread, and strong glue stops it.
            $crazed, $adhesive === AdhesiveKind::StrongGlue, $adhesive === AdhesiveKind::DoubleTape => self::ThinMetal,
            default => self::Pick,
        };
    }
}
