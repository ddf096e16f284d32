<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Format;

use Facelift\Document\Node;
use Facelift\Heat\Origin;
use Facelift\Heat\Source;
use Facelift\Heat\SourceKind;
use Facelift\Quantity\OutOfRange;

/**
 * A source of heat in a plan document.
 *
 * @internal
 */
final readonly class SourceFormat
{
    /** @return array<string, mixed> */
    public function write(Source $source): array
    {
        return [
            'kind' => $source->kind->value,
            'set' => $source->set,
            'coefficient' => $source->coefficient,
            'mixed' => $source->mixed,
            'bag' => $source->body?->thickness,
            'covers' => $source->covers,
            'origin' => $source->origin->value,
        ];
    }

    public function read(Node $n): Source
    {
        $kind = $n->enum('kind', SourceKind::class);
        try {
            return Source::kept(
                $kind,
                $n->number('set', ...$kind->range()),
                $n->number('coefficient', ...$kind->coefficients()),
                $n->number('mixed', 0, 1),
                $n->optionalNumber('bag', 0.1, 1000),
                $n->enum('origin', Origin::class),
                // Not in plans of before: air was taken to heat the whole round.
                $n->has('covers') ? $n->optionalNumber('covers', 1, 1000) : null,
            );
        } catch (OutOfRange $e) {
            $n->fault('', $e->getMessage());

            return Source::plate(85.0);
        }
    }
}
