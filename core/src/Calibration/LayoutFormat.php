<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Document\Node;

/**
 * A memory's layout in a document.
 *
 * @phpstan-type FieldMembers array{
 *     name: string, kind: string, at: int, encoding: string, count: int, scale: float,
 * }
 */
final readonly class LayoutFormat
{
    /** @return array{code: string, size: int, block: int, fields: list<FieldMembers>} */
    public function write(MemoryLayout $layout): array
    {
        return [
            'code' => $layout->code,
            'size' => $layout->size,
            'block' => $layout->block,
            'fields' => array_map(static fn(Field $f): array => [
                'name' => $f->name,
                'kind' => $f->kind->value,
                'at' => $f->at,
                'encoding' => $f->encoding->value,
                'count' => $f->count,
                'scale' => $f->scale,
            ], $layout->fields),
        ];
    }

    public function read(Node $node): MemoryLayout
    {
        $node->only('code', 'size', 'block', 'fields')->requires('fields');
        $size = $node->int('size', 1, IntelHex::LARGEST);
        $block = $node->int('block', 1, 256);
        if ($block > 0 && $size % $block !== 0) {
            $node->fault('block', \sprintf('is %d, the size %d is no multiple of it', $block, $size));
        }
        $layout = new MemoryLayout($node->string('code'), $size, $block, $node->each('fields', self::field(...)));
        $this->lieApart($layout, $node);

        return $layout;
    }

    private static function field(Node $node): Field
    {
        $node->only(
            'name',
            'kind',
            'at',
            'encoding',
            'count',
            'scale',
        );
        $field = new Field(
            $node->string('name'),
            $node->enum('kind', FieldKind::class),
            $node->int('at', 0, IntelHex::LARGEST),
            $node->enum('encoding', Encoding::class),
            $node->int('count', 1, 1024),
            $node->optionalNumber('scale', 1e-9, 1e9) ?? 1.0,
        );
        $numbers = $field->kind->numbers();
        if (($numbers === null) !== ($field->encoding === Encoding::Text)) {
            $node->fault('encoding', $numbers === null ? 'must be text' : 'must be a number');
        }
        if ($numbers !== null && $field->count !== $numbers) {
            $node->fault('count', \sprintf('is %d, a %s has %d', $field->count, $field->kind->value, $numbers));
        }

        return $field;
    }

    private function lieApart(MemoryLayout $layout, Node $node): void
    {
        $end = 0;
        foreach ($layout->fields as $i => $field) {
            $path = "fields[$i].at";
            if ($field->at < $end) {
                $node->fault($path, \sprintf('is %d, must not lie below %d', $field->at, $end));
            }
            $end = $field->end();
            if ($end > $layout->size) {
                $node->fault($path, \sprintf('ends at %d, past the %d bytes', $end, $layout->size));
            }
        }
    }
}
