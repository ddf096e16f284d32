<?php

declare(strict_types=1);

namespace Facelift\Pack;

/** Several phone files in one file, as they were read: all of them whole, or there is no pack. */
final readonly class Pack
{
    /**
     * @param list<Packed> $files
     * @param string       $shop  as the pack says; proven only if it is signed
     * @param string       $made  yyyy-mm-dd
     * @param string|null  $key   the public key that has signed it, 32 bytes; null if nobody did
     */
    public function __construct(public array $files, public string $shop, public string $made, public ?string $key) {}
}
