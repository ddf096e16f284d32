<?php

declare(strict_types=1);

namespace Facelift\Anatomy\Internal;

use Facelift\Anatomy\Connector;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\Film;
use Facelift\Anatomy\FlexZone;
use Facelift\Anatomy\Handling;
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
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\SuppliedAdhesive;
use Facelift\Anatomy\Tool;
use Facelift\Anatomy\WhenLifted;
use Facelift\Document\Node;
use Facelift\Geometry\Point;

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
                Placed::point($n),
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

        return new FlexZone($n->string('id'), $n->string('name'), $n->enum('face', Face::class), Placed::box($n));
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
            Placed::heading($id, $n),
            $n->enum('kind', PartKind::class),
            $n->optionalString('carriedBy'),
            Placed::box($n),
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
        $places = $n->each('places', static fn(Node $p): Point => Placed::point($p->only('x', 'y')));
        if ($places === []) {
            $n->fault('places', 'must name a place for at least one screw');
        }
        $length = $n->number('length', 0.5, 20);
        $depth = $n->number('holeDepth', 0.5, 20);
        if ($length > $depth) {
            $n->fault('length', \sprintf('is %.1f mm, longer than its hole of %.1f mm', $length, $depth));
        }

        return [$id, new Fastener(
            Placed::heading($id, $n),
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
            'functions',
        );
        $id = $n->string('id');

        return [$id, new Connector(
            Placed::heading($id, $n),
            $n->enum('kind', ConnectorKind::class),
            Placed::joins($n),
            Placed::point($n),
            $n->flag('power'),
            $n->flag('boots'),
            $n->flag('clip'),
            $n->flag('passive'),
            $n->enums('functions', PhoneFunction::class),
        )];
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
}
