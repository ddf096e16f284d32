<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\UnknownId;
use Facelift\Fit\KnownPart;

/** Fills in what a line leaves out and the phone that it names says. */
final readonly class ByPhone
{
    /** @var array<string, Phone> by name, id and every model code, in small letters */
    private array $named;

    /** @param list<Phone> $phones */
    public function __construct(array $phones)
    {
        $named = [];
        foreach ($phones as $phone) {
            $names = [$phone->identity->id, $phone->identity->name(), ...array_keys($phone->identity->codes)];
            foreach ($names as $name) {
                $named[mb_strtolower((string) $name)] = $phone;
            }
        }
        $this->named = $named;
    }

    /**
     * @param array<string, string> $cells by column
     *
     * @return array{array<string, string>, array<string, string>} the cells, and faults by column
     */
    public function filled(array $cells): array
    {
        $name = trim($cells[Columns::PHONE] ?? '');
        if ($name === '') {
            return [$cells, []];
        }
        $phone = $this->named[mb_strtolower($name)] ?? null;
        if ($phone === null) {
            return [$cells, [Columns::PHONE => 'names no phone of this shop: its name, or one of its model codes']];
        }
        $kind = ReplacementKind::tryFrom(str_replace([' ', '_'], '-', mb_strtolower(trim($cells['kind'] ?? ''))));
        try {
            $replacement = $kind === null ? null : $phone->replacement($kind);
        } catch (UnknownId) {
            return [$cells, ['kind' => 'is not a part that there is for the ' . $phone->identity->name()]];
        }
        if ($replacement === null) {
            return [$cells, []];
        }
        // A model code in place of a name is a part of that code.
        $code = array_values(array_filter(
            array_map(strval(...), array_keys($phone->identity->codes)),
            static fn(string $c): bool => mb_strtolower($c) === mb_strtolower($name),
        ));
        $known = KnownPart::of($phone, $replacement, $code[0] ?? null);
        $fill = [
            'name' => KnownPart::nameOf($phone, $replacement),
            'codes' => implode(' ', $known->modelCodes),
            'connector' => $known->connectorCode ?? '',
            'technology' => $known->technology->value ?? '',
            'refresh' => (string) $known->refresh,
            'brings' => $known->brings === [] ? 'none' : implode(' ', $known->brings ?? []),
        ];

        return [array_filter($cells, static fn(string $c): bool => trim($c) !== '') + $fill + $cells, []];
    }
}
