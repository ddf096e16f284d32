<?php

declare(strict_types=1);

namespace Facelift\Bench;

/** Where an old part goes. Which waste is taken where is for local rules to say. */
enum Stream: string
{
    /** Good metal, keys, meshes: for parts. */
    case Kept = 'kept';
    /** A panel that still works: worth new glass, or for its data. */
    case Salvage = 'salvage';
    case Glass = 'glass';
    /** Never with anything else, and never bent. */
    case Battery = 'battery';
    case Electronics = 'electronics';
    /** Handed to the customer, who asked for it. */
    case Customer = 'customer';

    /** True if it lies in the shop with a label of its own. */
    public function staysInShop(): bool
    {
        return $this === self::Kept || $this === self::Salvage;
    }
}
