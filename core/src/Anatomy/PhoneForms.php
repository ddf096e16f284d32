<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

use Facelift\Anatomy\Internal\ElementReader;

/** Earlier forms of phone files that a shop has drawn and kept, brought forward. */
final readonly class PhoneForms
{
    /**
     * The tool of a part was any text at first: a word that is not on the list is read as bare hands.
     *
     * @return mixed the document in the form that `PhoneReader` reads; what is none is handed back as it is
     */
    public function forward(mixed $document): mixed
    {
        if (\is_array($document) && \is_array($document['parts'] ?? null)) {
            $document['parts'] = array_map(self::part(...), $document['parts']);
        }

        return $document;
    }

    private static function part(mixed $part): mixed
    {
        $tool = \is_array($part) ? $part['tool'] ?? null : null;
        if (\is_array($part) && \is_string($tool) && !\in_array(Tool::tryFrom($tool), Tool::LIFTING, true)) {
            $part['tool'] = ElementReader::BARE_HANDS;
        }

        return $part;
    }
}
