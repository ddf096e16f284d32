<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\HeatPhase;
use Facelift\Heat\Sample;

/** How one bond is parted, with the estimated temperatures all the way. */
final readonly class Opening
{
    /**
     * @param list<Move>      $moves   empty if the source cannot reach the bond
     * @param Binding|null    $blocked what keeps the source from reaching the bond; null if the plan works
     * @param list<Sample>    $samples
     * @param list<HeatPhase> $phases
     */
    public function __construct(
        public string $bond,
        public AdhesiveWindow $window,
        public array $moves,
        public ?Binding $blocked,
        public array $samples,
        public array $phases,
    ) {}

    public function works(): bool
    {
        return $this->blocked === null;
    }
}
