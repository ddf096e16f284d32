<?php

declare(strict_types=1);

namespace Facelift\Document;

/** One thing wrong in a document: where, and why. */
final readonly class Fault
{
    /**
     * @param string $path   JSON path without the leading `$.`, for example `fasteners[3].length`; empty for the
     *     document itself
     * @param string $reason a sentence without a full stop, in plain words
     */
    public function __construct(public string $path, public string $reason) {}
}
