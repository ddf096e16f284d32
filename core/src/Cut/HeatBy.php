<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;
use Facelift\Heat\Windows;

/** What an opening is made with. */
final readonly class HeatBy
{
    /**
     * @param OldPanel $old  what is to become of the old panel
     * @param float    $room °C
     * @param AdhesiveState|null $state of the adhesive; null for what the condition of the phone says
     * @param bool               $alcohol false to do without alcohol beside the blade, also where an adhesive drags
     * @param Windows|null       $windows of adhesives; null for estimates
     * @param float              $chance  that every pass has at least to be through in time, 0.5 to 0.99
     */
    public function __construct(
        public Source $source,
        public OldPanel $old = OldPanel::Save,
        public float $room = Usual::ROOM,
        public ?AdhesiveState $state = null,
        public bool $alcohol = true,
        public Approach $approach = new Approach(),
        public float $chance = Usual::CHANCE,
        public ?Windows $windows = null,
    ) {}
}
