<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Anatomy\Internal\BondReader;
use Facelift\Anatomy\Internal\ElementReader;
use Facelift\Anatomy\Internal\FootingReader;
use Facelift\Anatomy\Internal\PanelReader;
use Facelift\Anatomy\Internal\PhoneRules;
use Facelift\Document\Fault;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Geometry\ImpossibleShape;
use Facelift\Geometry\Rectangle;
use Facelift\Geometry\RoundedRectangle;
use Facelift\Geometry\Side;

/** Reads a phone file, format `facelift-phone`, version 1 (see docs/formats.md). */
final readonly class PhoneReader
{
    public const FORMAT = 'facelift-phone';

    /**
     * @param mixed $data the decoded JSON
     *
     * @throws Unreadable If anything is wrong; it carries every fault with its path, and nothing is kept.
     */
    public function read(mixed $data): Phone
    {
        $faults = new Faults();
        $root = Node::root($data, $faults);
        if (!$faults->any() && !self::isOurs($root)) {
            throw Unreadable::because('phone file', [
                new Fault('format', 'must be ' . self::FORMAT . ' with version 1 or 2'),
            ]);
        }
        $root
            ->only(
                '$schema',
                'format',
                'version',
                'identity',
                'body',
                'ledge',
                'family',
                'openings',
                'flexZones',
                'stacks',
                'parts',
                'fasteners',
                'connectors',
                'bonds',
                'panel',
                'replacements',
                'footing',
            )
            ->requires(
                'parts',
                'fasteners',
                'connectors',
                'bonds',
                'replacements',
            );
        $phone = $this->phone($root);
        if (!$faults->any()) {
            (new PhoneRules())->check($phone, $root);
        }
        if ($faults->any()) {
            throw Unreadable::because('phone file', $faults->all());
        }

        return $phone;
    }

    /** Faults of another format would only be noise: it is asked first, on its own. */
    private static function isOurs(Node $root): bool
    {
        return $root->raw('format') === self::FORMAT && \in_array($root->raw('version'), [1, 2], true);
    }

    private function phone(Node $root): Phone
    {
        $read = new ElementReader();

        return new Phone(
            $this->identity($root->node('identity')),
            $this->body($root->node('body')),
            $this->ledge($root->node('ledge')),
            $root->enum('family', Family::class),
            $this->byId($root, 'openings', $read->opening(...)),
            $root->each('flexZones', $read->flexZone(...)),
            $this->stacks($root),
            $this->byId($root, 'parts', $read->part(...)),
            $this->byId($root, 'fasteners', $read->fastener(...)),
            $this->byId($root, 'connectors', $read->connector(...)),
            $this->byId($root, 'bonds', (new BondReader())->read(...)),
            $this->panel($root->node('panel')),
            $this->byId($root, 'replacements', $read->replacement(...)),
            (new FootingReader())->read($root),
        );
    }

    private function identity(Node $n): Identity
    {
        $n->only(
            'id',
            'maker',
            'model',
            'year',
            'mass',
            'codes',
            'colours',
            'port',
        );
        $codes = [];
        $connectors = [];
        foreach (
            $n->each(
                'codes',
                static fn(Node $c): array => [
                    $c->only('code', 'region', 'connectorCode')->string('code'),
                    $c->string('region'),
                    $c->optionalString('connectorCode'),
                ],
            ) as [$code, $region, $connector]
        ) {
            $codes[$code] = $region;
            if ($connector !== null) {
                $connectors[$code] = $connector;
            }
        }
        if ($codes === []) {
            $n->fault('codes', 'must name at least one model code');
        }

        return new Identity(
            $n->string('id'),
            $n->string('maker'),
            $n->string('model'),
            $n->int('year', 2000, 2100),
            $n->number('mass', 20, 1000),
            $codes,
            $n->strings('colours'),
            $n->optionalEnum('port', Port::class) ?? Port::None,
            $connectors,
        );
    }

    private function body(Node $n): Body
    {
        $n->only(
            'width',
            'height',
            'thickness',
            'cornerRadius',
            'glassInset',
            'display',
            'pixelsWide',
            'pixelsHigh',
            'frame',
            'curve',
        );
        $width = $n->number('width', 20, 300);
        $height = $n->number('height', 20, 300);
        $radius = $n->number('cornerRadius', 0, 60);
        $inset = $n->number('glassInset', 0, 10);
        $d = $n->node('display')->only('x', 'y', 'width', 'height');
        $display = new Rectangle(
            $d->number('x', 0, 300),
            $d->number('y', 0, 300),
            $d->number('width', 10, 300),
            $d->number('height', 10, 300),
        );
        try {
            $outline = RoundedRectangle::of(new Rectangle(0, 0, $width, $height), $radius);
            $glass = $outline->inset($inset);
        } catch (ImpossibleShape $e) {
            $n->fault('cornerRadius', $e->getMessage());
            $glass = $outline = RoundedRectangle::of(new Rectangle(0, 0, 20, 20), 0);
        }

        return new Body(
            $outline,
            $n->number('thickness', 1, 40),
            $glass,
            $display,
            $n->int('pixelsWide', 100, 10000),
            $n->int('pixelsHigh', 100, 10000),
            $n->enum('frame', FrameMaterial::class),
            $n->optionalNumber('curve', 0, 15) ?? 0.0,
        );
    }

    private function ledge(Node $n): Ledge
    {
        $n->only(
            'top',
            'right',
            'bottom',
            'left',
            'recess',
            'module',
            'tolerance',
            'foam',
            'narrowings',
        );

        return new Ledge(
            $n->number('top', 0.2, 20),
            $n->number('right', 0.2, 20),
            $n->number('bottom', 0.2, 20),
            $n->number('left', 0.2, 20),
            $n->number('recess', 0.2, 10),
            $n->number('module', 0.2, 10),
            $n->optionalNumber('tolerance', 0, 1) ?? Ledge::USUAL_TOLERANCE,
            $n->optionalNumber('foam', 0, 3) ?? 0.0,
            $n->each('narrowings', self::narrowing(...)),
        );
    }

    private static function narrowing(Node $n): Narrowing
    {
        $from = $n->only('side', 'from', 'to', 'width')->number('from', 0, 300);
        $to = $n->number('to', 0, 300);
        if ($to <= $from) {
            $n->fault('to', 'must be more than from');
        }

        return new Narrowing($n->enum('side', Side::class), $from, $to, $n->number('width', 0.2, 20));
    }

    private function panel(Node $n): Panel
    {
        return (new PanelReader())->read($n);
    }

    /** @return array<string, list<Layer>> */
    private function stacks(Node $root): array
    {
        return $root->map('stacks', static function (Node $n): array {
            $layers = $n->only('layers')->each('layers', (new ElementReader())->layer(...));
            if ($layers === []) {
                $n->fault('layers', 'must hold at least one layer');
            }

            return $layers;
        });
    }

    /**
     * @template T of object
     *
     * @param callable(Node): array{string, T} $read
     *
     * @return array<string, T>
     */
    private function byId(Node $root, string $key, callable $read): array
    {
        $out = [];
        foreach ($root->each($key, $read) as $i => [$id, $element]) {
            if (isset($out[$id])) {
                $root->fault($key . "[$i].id", \sprintf('"%s" is used twice', $id));
            }
            $out[$id] = $element;
        }

        return $out;
    }
}
