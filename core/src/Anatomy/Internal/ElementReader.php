<?php

declare(strict_types=1);

namespace Facelift\Anatomy\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\BondZone;
use Facelift\Anatomy\Closing;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Film;
use Facelift\Anatomy\FlexZone;
use Facelift\Anatomy\Handling;
use Facelift\Anatomy\Heading;
use Facelift\Anatomy\Hole;
use Facelift\Anatomy\IfCovered;
use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Anatomy\Opening;
use Facelift\Anatomy\OpeningShape;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\Renewal;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\Stretch;
use Facelift\Anatomy\SuppliedAdhesive;
use Facelift\Anatomy\Tool;
use Facelift\Anatomy\Warming;
use Facelift\Anatomy\WhenLifted;
use Facelift\Document\Node;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\Side;

/**
 * Reads the elements of a phone file one by one.
 *
 * @internal
 */
final readonly class ElementReader
{
    /** What a phone file writes where nothing is taken up. */
    public const BARE_HANDS = 'hand';

    /** @return array{string, Opening} */
    public function opening(Node $n): array
    {
        $n->only(
            'id',
            'name',
            'shape',
            'x',
            'y',
            'width',
            'height',
            'clearance',
            'ifCovered',
        );
        $id = $n->string('id');

        return [
            $id,
            new Opening(
                $id,
                $n->string('name'),
                $n->enum('shape', OpeningShape::class),
                $this->point($n),
                $n->number('width', 0.1, 100),
                $n->number('height', 0.1, 100),
                $n->number('clearance', 0, 10),
                $n->enum('ifCovered', IfCovered::class),
            ),
        ];
    }

    public function flexZone(Node $n): FlexZone
    {
        $n->only(
            'id',
            'name',
            'face',
            'x',
            'y',
            'width',
            'height',
        );

        return new FlexZone($n->string('id'), $n->string('name'), $n->enum('face', Face::class), $this->box($n));
    }

    public function layer(Node $n): Layer
    {
        $n->only(
            'name',
            'role',
            'thickness',
            'conductivity',
            'density',
            'specificHeat',
            'contact',
        );

        return new Layer(
            $n->string('name'),
            $n->enum('role', LayerRole::class),
            $n->number('thickness', 0.01, 30),
            $n->number('conductivity', 0.005, 500),
            $n->number('density', 0.5, 20000),
            $n->number('specificHeat', 50, 10000),
            $n->optionalNumber('contact', 0, 0.1) ?? 0.0,
        );
    }

    /** @return array{string, Part} */
    public function part(Node $n): array
    {
        $n->only(
            'id',
            'kind',
            'name',
            'carriedBy',
            'face',
            'tool',
            'x',
            'y',
            'width',
            'height',
            'after',
            'pairing',
            'functions',
            'care',
            'seconds',
            'whenLifted',
        );
        $id = $n->string('id');

        return [$id, new Part(
            $this->heading($id, $n),
            $n->enum('kind', PartKind::class),
            $n->optionalString('carriedBy'),
            $this->box($n),
            new Handling($this->tool($n), $n->number('seconds', 1, 3600), $n->strings('care')),
            $n->optionalEnum('pairing', Pairing::class) ?? Pairing::None,
            $n->enums('functions', PhoneFunction::class),
            $n->optionalEnum('whenLifted', WhenLifted::class) ?? WhenLifted::Stays,
        )];
    }

    /** @return array{string, Fastener} */
    public function fastener(Node $n): array
    {
        $n->only(
            'id',
            'name',
            'driver',
            'thread',
            'length',
            'holeDepth',
            'holds',
            'after',
            'face',
            'places',
            'under',
        );
        $id = $n->string('id');
        $places = $n->each('places', fn(Node $p): Point => $this->point($p->only('x', 'y')));
        if ($places === []) {
            $n->fault('places', 'must name a place for at least one screw');
        }
        $length = $n->number('length', 0.5, 20);
        $depth = $n->number('holeDepth', 0.5, 20);
        if ($length > $depth) {
            $n->fault('length', \sprintf('is %.1f mm, longer than its hole of %.1f mm', $length, $depth));
        }

        return [$id, new Fastener(
            $this->heading($id, $n),
            $n->enum('driver', Driver::class),
            $n->number('thread', 0.5, 6),
            $length,
            new Hole($depth, $n->optionalString('under')),
            $n->strings('holds'),
            $places,
        )];
    }

    /** @return array{string, Connector} */
    public function connector(Node $n): array
    {
        $n->only(
            'id',
            'name',
            'kind',
            'joins',
            'after',
            'face',
            'x',
            'y',
            'power',
            'boots',
            'clip',
            'passive',
        );
        $id = $n->string('id');

        return [$id, new Connector(
            $this->heading($id, $n),
            $n->enum('kind', ConnectorKind::class),
            $this->joins($n),
            $this->point($n),
            $n->flag('power'),
            $n->flag('boots'),
            $n->flag('clip'),
            $n->flag('passive'),
        )];
    }

    /** @return array{string, Bond} */
    public function bond(Node $n): array
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
            $this->heading($id, $n),
            $this->joins($n),
            $n->enum('adhesive', AdhesiveKind::class),
            $n->number('width', 0.2, 100),
            $stack === null || $batteryStack === null ? null : new Warming($stack, $batteryStack),
            $edge,
            $n->each('pryPoints', fn(Node $p): Point => $this->point($p->only('x', 'y'))),
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

        return new BondZone($n->string('id'), $n->string('name'), $this->box($n));
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

    private function heading(string $id, Node $n): Heading
    {
        return new Heading($id, $n->string('name'), $n->enum('face', Face::class), $n->clauses('after'));
    }

    /** `hand` is no tool. */
    private function tool(Node $n): ?Tool
    {
        if ($n->raw('tool') === self::BARE_HANDS) {
            return null;
        }
        $tool = \is_string($n->raw('tool')) ? Tool::tryFrom($n->raw('tool')) : null;
        if ($tool === null || !\in_array($tool, Tool::LIFTING, true)) {
            $names = array_map(static fn(Tool $t): string => $t->value, Tool::LIFTING);
            $n->fault('tool', 'must be one of ' . implode(', ', [self::BARE_HANDS, ...$names]));
        }

        return $tool;
    }

    /** @return array{string, Replacement} */
    public function replacement(Node $n): array
    {
        $n->only(
            'id',
            'kind',
            'name',
            'replaces',
            'brings',
            'lacks',
            'takeOut',
            'flexLength',
            'films',
            'adhesive',
            'adhesiveThickness',
        );
        $id = $n->string('id');

        return [
            $id,
            new Replacement(
                $id,
                $n->enum('kind', ReplacementKind::class),
                $n->string('name'),
                $n->strings('replaces'),
                $n->strings('brings'),
                $n->strings('lacks'),
                $n->strings('takeOut'),
                $n->number('flexLength', 0, 300),
                $n->enums('films', Film::class),
                $n->optionalEnum('adhesive', SuppliedAdhesive::class),
                $n->optionalNumber('adhesiveThickness', 0.02, 3),
            ),
        ];
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

    /** @return list<string> */
    private function joins(Node $n): array
    {
        $joins = $n->strings('joins');
        if (\count($joins) !== 2) {
            $n->fault('joins', 'must name the two parts it joins');
        }

        return $joins;
    }

    private function point(Node $n): Point
    {
        return new Point($n->number('x', -20, 320), $n->number('y', -20, 320));
    }

    /** Parts and zones give their centre and size. */
    private function box(Node $n): Rectangle
    {
        return Rectangle::around($this->point($n), $n->number('width', 0.5, 300), $n->number('height', 0.5, 300));
    }
}
