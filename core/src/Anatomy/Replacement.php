<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** A kind of replacement part that exists for this phone, with its inclusion list. */
final readonly class Replacement
{
    /**
     * @param list<string> $replaces part ids that stay with the old part
     * @param list<string> $brings   part ids already on the new part
     * @param list<string> $lacks    fastener ids whose hole is missing on the new part
     * @param list<string> $takeOut  codes of what has to be taken out of the new part first
     * @param float        $flexLength mm of its display flex
     * @param list<Film>   $films    what protects it on the way
     * @param SuppliedAdhesive|null $adhesive what comes with it; null if nothing does
     * @param float|null   $adhesiveThickness mm of that tape or seal as it is laid; null if not known
     */
    public function __construct(
        public string $id,
        public ReplacementKind $kind,
        public string $name,
        public array $replaces,
        public array $brings,
        public array $lacks,
        public array $takeOut,
        public float $flexLength,
        public array $films = [],
        public ?SuppliedAdhesive $adhesive = null,
        public ?float $adhesiveThickness = null,
    ) {}
}
