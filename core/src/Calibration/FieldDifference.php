<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Document\Reason;

/** How one field of two dumps differs. */
final readonly class FieldDifference
{
    private function __construct(public Field $field, public Reason $said) {}

    /** Null if both hold the same bytes there. */
    public static function of(Field $field, string $first, string $second): ?self
    {
        if ($field->bytes($first) === $field->bytes($second)) {
            return null;
        }
        $said = match ($field->kind) {
            FieldKind::WhitePoint => self::white($field, $first, $second),
            FieldKind::ColourMatrix => self::matrix($field, $first, $second),
            FieldKind::AmbientGain => self::gain($field, $first, $second),
            FieldKind::PartNumber => new Reason('dump-text', [
                'name' => $field->name,
                'first' => $field->text($first),
                'second' => $field->text($second),
            ]),
            FieldKind::Counter => self::count($field, $first, $second),
        };

        return new self($field, $said);
    }

    private static function white(Field $field, string $first, string $second): Reason
    {
        [$a, $b] = [Chromaticity::of($field->numbers($first)), Chromaticity::of($field->numbers($second))];

        return new Reason('dump-white', [
            'name' => $field->name,
            'first' => \sprintf('%.4f, %.4f', $a->x, $a->y),
            'second' => \sprintf('%.4f, %.4f', $b->x, $b->y),
            'by' => \sprintf('%.4f', $a->distance($b)),
        ]);
    }

    private static function matrix(Field $field, string $first, string $second): Reason
    {
        $apart = array_map(
            static fn(float $a, float $b): float => abs($a - $b),
            $field->numbers($first),
            $field->numbers($second),
        );

        return new Reason('dump-matrix', [
            'name' => $field->name,
            'count' => \count(array_filter($apart, static fn(float $by): bool => $by > 0.0)),
            'most' => \sprintf('%.4f', max(0.0, ...$apart)),
        ]);
    }

    private static function gain(Field $field, string $first, string $second): Reason
    {
        [$a, $b] = [$field->numbers($first)[0] ?? 0.0, $field->numbers($second)[0] ?? 0.0];
        $figures = ['name' => $field->name, 'first' => \sprintf('%.3f', $a), 'second' => \sprintf('%.3f', $b)];

        return $a > 0.0
            ? new Reason('dump-gain', [...$figures, 'percent' => \sprintf('%+.1f', 100.0 * ($b / $a - 1.0))])
            : new Reason('dump-text', $figures);
    }

    private static function count(Field $field, string $first, string $second): Reason
    {
        return new Reason('dump-text', [
            'name' => $field->name,
            'first' => \sprintf('%.0f', $field->numbers($first)[0] ?? 0.0),
            'second' => \sprintf('%.0f', $field->numbers($second)[0] ?? 0.0),
        ]);
    }
}
