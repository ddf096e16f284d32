<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Rectangle;

/** A part of the phone that can be taken out. */
final readonly class Part
{
    /**
     * @param string|null         $carriedBy the part it sits in and moves with
     * @param list<list<string>>  $after     what must be off first: every clause, and of each clause one id
     * @param list<PhoneFunction> $functions
     * @param list<string>        $care      codes of care notes
     * @param float               $seconds   hands-on time to lift it out
     */
    public function __construct(
        public string $id,
        public PartKind $kind,
        public string $name,
        public ?string $carriedBy,
        public Face $face,
        public string $tool,
        public Rectangle $box,
        public array $after,
        public Pairing $pairing,
        public array $functions,
        public array $care,
        public float $seconds,
    ) {}
}
