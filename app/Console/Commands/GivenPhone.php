<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\UnknownId;
use Facelift\Document\Unreadable;

/** The phone file and the kind of part that a command was given. */
final readonly class GivenPhone
{
    private function __construct(public Phone $phone, public Replacement $part) {}

    /**
     * @throws \UnexpectedValueException If the file or the option is none, or the file no phone file: it is named.
     * @throws UnknownId                 If there is no such part for it.
     */
    public static function from(mixed $file, mixed $kind): self
    {
        if (!is_string($file) || !is_file($file)) {
            throw new \UnexpectedValueException((is_string($file) ? $file : 'nothing') . ' cannot be read');
        }
        try {
            $phone = PhoneText::of($file);
        } catch (Unreadable $e) {
            throw new \UnexpectedValueException($file . ': ' . $e->getMessage(), 0, $e);
        }
        $known = ReplacementKind::tryFrom(is_string($kind) ? $kind : '')
            ?? throw new \UnexpectedValueException(
                '--part must be one of ' . implode(', ', array_column(ReplacementKind::cases(), 'value')),
            );

        return new self($phone, $phone->replacement($known));
    }
}
