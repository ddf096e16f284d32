<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Geometry\Point;

/** A plug that joins two parts. */
final readonly class Connector extends Element
{
    /**
     * @param list<string> $joins the two parts it connects
     * @param bool         $power true for the battery's own connector; one per phone
     * @param bool         $boots true if the phone cannot be switched on without it
     * @param bool         $passive true for an antenna lead that lies over the way to the battery: it carries no
     *     supply and may come off before it
     * @param bool         $clip  true if a retaining clip lies over it
     * @param list<PhoneFunction> $functions that run over this plug, where a part has several; empty for all of the
     *     part's
     */
    public function __construct(
        Heading $heading,
        public ConnectorKind $kind,
        public array $joins,
        public Point $at,
        public bool $power,
        public bool $boots,
        public bool $clip,
        public bool $passive = false,
        public array $functions = [],
    ) {
        parent::__construct($heading);
    }
}
