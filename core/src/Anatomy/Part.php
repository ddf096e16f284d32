<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Rectangle;

/** A part of the phone that can be taken out. */
final readonly class Part extends Element
{
    /**
     * @param string|null         $carriedBy the part it sits in and moves with
     * @param list<PhoneFunction> $functions
     */
    public function __construct(
        Heading $heading,
        public PartKind $kind,
        public ?string $carriedBy,
        public Rectangle $box,
        public Handling $handling,
        public Pairing $pairing,
        public array $functions,
        public WhenLifted $whenLifted = WhenLifted::Stays,
    ) {
        parent::__construct($heading);
    }
}
