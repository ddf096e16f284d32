<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Point;

final readonly class Connector
{
    /**
     * @param list<string>       $joins the two parts it connects
     * @param list<list<string>> $after
     * @param bool               $power true for the battery's own connector; one per phone
     * @param bool               $boots true if the phone cannot be switched on without it
     * @param bool               $passive true for an antenna lead that lies over the way to the battery: it carries no supply and may come off before it
     * @param bool               $clip  true if a retaining clip lies over it
     */
    public function __construct(
        public string $id,
        public string $name,
        public ConnectorKind $kind,
        public array $joins,
        public array $after,
        public Face $face,
        public Point $at,
        public bool $power,
        public bool $boots,
        public bool $clip,
        public bool $passive = false,
    ) {}
}
