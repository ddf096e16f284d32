<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Document\Reason;

/** How two dumps differ, field by field. */
final readonly class DumpComparison
{
    /**
     * @param bool                  $comparable false if their layouts differ: then nothing is said field by field
     * @param list<FieldDifference> $fields     that differ, in the order of their addresses
     * @param list<int>             $unknown    addresses of bytes that differ and belong to no known field
     * @param list<Reason>          $said       the whole comparison in words; one reason at least
     */
    private function __construct(
        public bool $comparable,
        public array $fields,
        public array $unknown,
        public array $said,
    ) {}

    public static function of(Dump $first, Dump $second): self
    {
        if (!$first->layout->equals($second->layout)) {
            return new self(false, [], [], [new Reason('dump-other-layout', [
                'first' => $first->layout->code,
                'second' => $second->layout->code,
            ])]);
        }
        $fields = [];
        foreach ($first->layout->fields as $field) {
            $difference = FieldDifference::of($field, $first->bytes, $second->bytes);
            if ($difference !== null) {
                $fields[] = $difference;
            }
        }
        $unknown = self::unknown($first, $second);
        $said = array_map(static fn(FieldDifference $d): Reason => $d->said, $fields);
        if ($unknown !== []) {
            $said[] = new Reason('dump-unknown', [
                'count' => \count($unknown),
                'first' => \sprintf('%04X', $unknown[0]),
            ]);
        }

        return new self(true, $fields, $unknown, $said !== [] ? $said : [new Reason('dump-equal')]);
    }

    /** True if every byte is the same, known or not. */
    public function isEqual(): bool
    {
        return $this->comparable && $this->fields === [] && $this->unknown === [];
    }

    /** @return list<int> */
    private static function unknown(Dump $first, Dump $second): array
    {
        $unknown = [];
        for ($i = 0; $i < $first->layout->size; ++$i) {
            if ($first->bytes[$i] !== $second->bytes[$i] && $first->layout->at($i) === null) {
                $unknown[] = $i;
            }
        }

        return $unknown;
    }
}
