<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Check;
use Facelift\Condition\Condition;
use Facelift\Diagnosis\Diagnostician;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Source;

/** Everything a plan is computed from. */
final readonly class Request
{
    /**
     * @param float    $room °C
     * @param OldPanel $wish what is to become of the old panel, if it is not kept anyway
     */
    public function __construct(
        public Phone $phone,
        public Replacement $replacement,
        public Condition $condition,
        public Source $source,
        public float $room = 22.0,
        private OldPanel $wish = OldPanel::Save,
        public School $school = School::StripThenBuild,
    ) {}

    public function by(School $school): self
    {
        return new self($this->phone, $this->replacement, $this->condition, $this->source, $this->room, $this->wish, $school);
    }

    /** A panel that gets new glass is kept, whatever was wished. */
    public function oldPanel(): OldPanel
    {
        return $this->replacement->kind === ReplacementKind::GlassOnly ? OldPanel::Save : $this->wish;
    }

    /** True if a known-good panel has to show that the display is at fault before anything is stripped. */
    public function provesFirst(): bool
    {
        return $this->condition->resultOf(Check::KnownGoodPanel) === null
            && (new Diagnostician())->diagnose($this->condition, $this->phone->panel->technology)->proveFirst();
    }
}
