<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/**
 * What lies where in the memory of one kind of display. Fields lie in the order of their addresses and never overlap.
 */
final readonly class MemoryLayout
{
    /**
     * @param string      $code   by which a panel says that it takes this layout
     * @param int         $size   bytes
     * @param int         $block  bytes that are read and written at a time; the size is a multiple of it
     * @param list<Field> $fields in the order of their addresses
     */
    public function __construct(public string $code, public int $size, public int $block, public array $fields) {}

    /** How many blocks are read or written for the whole. */
    public function blocks(): int
    {
        return intdiv($this->size, $this->block);
    }

    /** The field that a byte belongs to; null for one that nothing is known about. */
    public function at(int $address): ?Field
    {
        foreach ($this->fields as $field) {
            if ($address >= $field->at && $address < $field->end()) {
                return $field;
            }
        }

        return null;
    }

    /** @return list<Field> all fields of one kind, by address */
    public function of(FieldKind $kind): array
    {
        return array_values(array_filter($this->fields, static fn(Field $f): bool => $f->kind === $kind));
    }

    /** True if both have the same code, size, blocks and fields. */
    public function equals(self $other): bool
    {
        return (new LayoutFormat())->write($this) === (new LayoutFormat())->write($other);
    }
}
