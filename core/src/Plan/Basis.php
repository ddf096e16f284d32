<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Cost\ShopRules;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;

/** What a plan was made for, and with. */
final readonly class Basis
{
    public const PICKS = ShopRules::PICKS;

    /**
     * @param OldPanel $old    what is to become of the old panel
     * @param float    $room   °C
     * @param int      $picks  opening picks that the shop has for one phone, at least one
     * @param Approach $approach how the source is used
     * @param float    $chance   of every pass to be through in time, 0.5 to 0.99
     */
    public function __construct(
        public Phone $phone,
        public Replacement $replacement,
        public Source $source,
        public OldPanel $old = OldPanel::Save,
        public School $school = School::StripThenBuild,
        public float $room = Usual::ROOM,
        public int $picks = self::PICKS,
        public Approach $approach = new Approach(),
        public float $chance = Usual::CHANCE,
    ) {}

    public function by(School $school): self
    {
        return new self(
            $this->phone,
            $this->replacement,
            $this->source,
            $this->old,
            $school,
            $this->room,
            $this->picks,
            $this->approach,
            $this->chance,
        );
    }

    public function isGlassOnly(): bool
    {
        return $this->replacement->kind === ReplacementKind::GlassOnly;
    }

    /** True if this part stays with the old part whatever the route: it is what is replaced. */
    public function replaces(string $part): bool
    {
        return \in_array($part, $this->replacement->replaces, true);
    }
}
