<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\Family;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\FileSection;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Rests;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;

/** The skeleton of a family: a phone file of which everything is assumed. Format `facelift-family`, version 1. */
final readonly class FamilyFile
{
    public const FORMAT = 'facelift-family';
    /** How many screws fewer or more a phone like another may have in a group (common practice, no source). */
    private const FEWER = 2;
    private const MORE = 3;

    /**
     * @param list<string>         $tells  codes of what tells this family from outside
     * @param array<string, mixed> $phone  the phone file's document
     */
    private function __construct(public Family $family, public array $tells, public array $phone) {}

    /** @throws Unreadable If it is none, or its phone file is faulty. */
    public static function read(mixed $data): self
    {
        $family = \is_array($data) && \is_string($data['family'] ?? null) ? Family::tryFrom($data['family']) : null;
        if (!\is_array($data) || ($data['format'] ?? null) !== self::FORMAT || ($data['version'] ?? null) !== 1) {
            throw self::fault('format', 'must be ' . self::FORMAT . ' with version 1');
        }
        if ($family === null) {
            throw self::fault('family', 'must be one of ' . implode(', ', array_column(Family::cases(), 'value')));
        }
        $tells = array_values(array_filter((array) ($data['tells'] ?? []), is_string(...)));
        $phone = [];
        foreach ((array) ($data['phone'] ?? []) as $key => $value) {
            $phone[(string) $key] = $value;
        }
        $read = (new PhoneReader())->read($phone);
        if ($read->family !== $family) {
            throw self::fault('phone.family', 'must be ' . $family->value);
        }

        return new self($family, $tells, $phone);
    }

    /**
     * A known phone as the skeleton of one like it: everything that was drawn of it is assumed of the other.
     *
     * @param array<string, mixed> $document a phone file
     *
     * @throws Unreadable If it is none.
     */
    public static function like(array $document): self
    {
        $phone = (new PhoneReader())->read($document);
        $assumed = static fn(string $of): array => ['of' => $of, 'rests' => Rests::Assumed->value];
        $elements = $phone->parts + $phone->fasteners + $phone->connectors + $phone->bonds;
        $panel = \is_array($document['panel'] ?? null) ? $document['panel'] : [];
        // A connector's code and a memory's layout are of one model: those of the other nobody knows.
        unset($panel['calibration']);
        $base = array_replace($document, [
            'version' => 2,
            'panel' => array_replace($panel, ['connectorCode' => 'unknown']),
            'footing' => [
                'elements' => array_map($assumed, array_keys($elements)),
                'sections' => array_map($assumed, array_column(FileSection::cases(), 'value')),
                'screws' => array_map(static fn(Fastener $f): array => [
                    'of' => $f->id,
                    'fewest' => max(1, $f->count() - self::FEWER),
                    'most' => $f->count() + self::MORE,
                ], array_values($phone->fasteners)),
            ],
        ]);
        unset($base['$schema']);

        return new self($phone->family, [], $base);
    }

    private static function fault(string $path, string $reason): Unreadable
    {
        return Unreadable::because('family file', [new Fault($path, $reason)]);
    }
}
