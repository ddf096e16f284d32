<?php

declare(strict_types=1);

namespace Facelift\Anatomy\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\BondZone;
use Facelift\Anatomy\Closing;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\Renewal;
use Facelift\Anatomy\Stretch;
use Facelift\Anatomy\Warming;
use Facelift\Document\Node;
use Facelift\Geometry\Point;
use Facelift\Geometry\Side;

/**
 * Reads a bond of a phone file: what it joins, where its edge is cut, and how it is made again.
 *
 * @internal
 */
final readonly class BondReader
{
    /** @return array{string, Bond} */
    public function read(Node $n): array
    {
        $n->only(
            'id',
            'name',
            'joins',
            'adhesive',
            'width',
            'face',
            'after',
            'stack',
            'batteryStack',
            'cut',
            'renewal',
            'height',
            'clampMinutes',
            'pryPoints',
            'noClamp',
            'zones',
        );
        $id = $n->string('id');
        $cut = $n->optionalNode('cut');
        $edge = $cut === null ? null : new CutEdge(
            $cut->only('start', 'hinge', 'stretches')->enum('start', Side::class),
            $cut->optionalEnum('hinge', Side::class),
            $cut->each('stretches', $this->stretch(...)),
        );

        $stack = $n->optionalString('stack');
        $batteryStack = $n->optionalString('batteryStack');

        return [$id, new Bond(
            Placed::heading($id, $n),
            Placed::joins($n),
            $n->enum('adhesive', AdhesiveKind::class),
            $n->number('width', 0.2, 100),
            $stack === null || $batteryStack === null ? null : new Warming($stack, $batteryStack),
            $edge,
            $n->each('pryPoints', static fn(Node $p): Point => Placed::point($p->only('x', 'y'))),
            $this->closing($n),
            $n->each('zones', $this->zone(...)),
        )];
    }

    private function zone(Node $n): BondZone
    {
        $n->only(
            'id',
            'name',
            'x',
            'y',
            'width',
            'height',
        );

        return new BondZone($n->string('id'), $n->string('name'), Placed::box($n));
    }

    private function closing(Node $n): Closing
    {
        return new Closing(
            $n->enum('renewal', Renewal::class),
            $n->number('height', 0.02, 3),
            $n->optionalNumber('clampMinutes', 0, 1440) ?? 0.0,
            $n->optionalEnum('noClamp', Side::class),
        );
    }

    private function stretch(Node $n): Stretch
    {
        $n->only(
            'id',
            'side',
            'from',
            'to',
            'depth',
            'forbidden',
            'behind',
            'over',
        );
        $from = $n->number('from', 0, 300);
        $to = $n->number('to', 0, 300);
        if ($to <= $from) {
            $n->fault('to', 'must be more than from');
        }

        return new Stretch(
            $n->string('id'),
            $n->enum('side', Side::class),
            $from,
            $to,
            $n->number('depth', 0, 50),
            $n->flag('forbidden'),
            $n->optionalString('behind'),
            $n->optionalString('over'),
        );
    }
}
