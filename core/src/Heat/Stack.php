<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\Phone;

/** Layers from the heated face inwards, and where in them a role is found. */
final readonly class Stack
{
    /** @param list<Layer> $layers at least one */
    public function __construct(public array $layers) {}

    /** Through the edge and the bond. The bond has to be one that is warmed. */
    public static function edgeOf(Phone $phone, Bond $bond): self
    {
        return new self($phone->stacks[$bond->warming->edge ?? '']);
    }

    /** Through the battery, for the same heating. The bond has to be one that is warmed. */
    public static function centreOf(Phone $phone, Bond $bond): self
    {
        return new self($phone->stacks[$bond->warming->centre ?? '']);
    }

    /** Index of the first layer with this role; null if there is none, and then nothing is judged by it. */
    public function layer(LayerRole $role): ?int
    {
        foreach ($this->layers as $i => $layer) {
            if ($layer->role === $role) {
                return $i;
            }
        }

        return null;
    }
}
