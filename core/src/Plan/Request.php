<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Check;
use Facelift\Condition\Condition;
use Facelift\Diagnosis\Diagnostician;
use Facelift\Fit\DataWay;
use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;
use Facelift\Heat\Windows;

/** Everything a plan is computed from. */
final readonly class Request
{
    /**
     * @param OldPanel $wish  what is to become of the old panel, if it is not kept anyway
     * @param float    $room  °C
     * @param int      $picks opening picks that the shop has for one phone, at least one
     * @param Approach $approach how the source is used
     * @param SealWish $seal     what the shop seals with, and what was chosen and measured
     * @param DataWay|null $data what the customer decided about the display's data; null if nothing yet
     * @param Windows|null $windows of adhesives; null for estimates
     * @param Minutes|null $minutes of hands; null for estimates
     * @param float    $chance   of every pass to be through in time, 0.5 to 0.99
     */
    public function __construct(
        public Phone $phone,
        public Replacement $replacement,
        public Condition $condition,
        public Source $source,
        private OldPanel $wish = OldPanel::Save,
        public School $school = School::StripThenBuild,
        public float $room = Usual::ROOM,
        public int $picks = Basis::PICKS,
        public Approach $approach = new Approach(),
        public float $chance = Usual::CHANCE,
        public SealWish $seal = new SealWish(),
        public ?DataWay $data = null,
        public ?Windows $windows = null,
        public ?Minutes $minutes = null,
    ) {}

    public function by(School $school): self
    {
        return $this->but(school: $school);
    }

    /** The same with another source of heat, used so. */
    public function heatedBy(Source $source, Approach $approach): self
    {
        return $this->but(source: $source, approach: $approach);
    }

    /** The same with another wish for the old panel. */
    public function wishing(OldPanel $wish): self
    {
        return $this->but(wish: $wish);
    }

    /** The same sealed with other means, or another way. */
    public function sealedBy(SealWish $seal): self
    {
        return $this->but(seal: $seal);
    }

    /** The same for any source and seal: how sources compare depends on neither. */
    public function heatedAnyhow(): self
    {
        return $this->but(source: Source::plate(Usual::PLATE), approach: new Approach(), seal: new SealWish());
    }

    /** A panel that gets new glass is kept, whatever was wished. */
    public function oldPanel(): OldPanel
    {
        return $this->replacement->kind === ReplacementKind::GlassOnly ? OldPanel::Save : $this->wish;
    }

    public function basis(): Basis
    {
        return new Basis(
            $this->phone,
            $this->replacement,
            $this->source,
            $this->oldPanel(),
            $this->school,
            $this->room,
            $this->picks,
            $this->approach,
            $this->chance,
        );
    }

    /** True if a known-good panel has to show that the display is at fault before anything is stripped. */
    public function provesFirst(): bool
    {
        return $this->condition->resultOf(Check::KnownGoodPanel) === null
            && (new Diagnostician())->diagnose($this->condition, $this->phone->panel->technology)->proveFirst();
    }

    /** Where an adhesive lets go, as far as the shop knows. */
    public function windowOf(AdhesiveKind $adhesive, AdhesiveState $state): AdhesiveWindow
    {
        return ($this->windows ?? Windows::estimated())->of($adhesive, $state);
    }

    private function but(
        ?Source $source = null,
        ?OldPanel $wish = null,
        ?School $school = null,
        ?Approach $approach = null,
        ?SealWish $seal = null,
    ): self {
        return new self(
            $this->phone,
            $this->replacement,
            $this->condition,
            $source ?? $this->source,
            $wish ?? $this->wish,
            $school ?? $this->school,
            $this->room,
            $this->picks,
            $approach ?? $this->approach,
            $this->chance,
            $seal ?? $this->seal,
            $this->data,
            $this->windows,
            $this->minutes,
        );
    }
}
