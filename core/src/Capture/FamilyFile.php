<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\Family;
use Facelift\Anatomy\PhoneReader;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;

/** The skeleton of a family: a phone file of which everything is assumed. Format `facelift-family`, version 1. */
final readonly class FamilyFile
{
    public const FORMAT = 'facelift-family';

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

    private static function fault(string $path, string $reason): Unreadable
    {
        return Unreadable::because('family file', [new Fault($path, $reason)]);
    }
}
