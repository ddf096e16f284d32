<?php

declare(strict_types=1);

namespace Facelift\Anatomy\Internal;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Heading;
use Facelift\Document\Node;
use Facelift\Geometry\Point;
use Facelift\Geometry\Rectangle;

/**
 * What several kinds of element of a phone file say alike: their heading, what they join, and where they lie.
 *
 * @internal
 */
final readonly class Placed
{
    public static function heading(string $id, Node $n): Heading
    {
        return new Heading($id, $n->string('name'), $n->enum('face', Face::class), $n->clauses('after'));
    }

    public static function point(Node $n): Point
    {
        return new Point($n->number('x', -20, 320), $n->number('y', -20, 320));
    }

    /** Parts and zones give their centre and size. */
    public static function box(Node $n): Rectangle
    {
        return Rectangle::around(self::point($n), $n->number('width', 0.5, 300), $n->number('height', 0.5, 300));
    }

    /** @return list<string> */
    public static function joins(Node $n): array
    {
        $joins = $n->strings('joins');
        if (\count($joins) !== 2) {
            $n->fault('joins', 'must name the two parts it joins');
        }

        return $joins;
    }
}
