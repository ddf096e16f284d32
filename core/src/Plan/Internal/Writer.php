<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

/**
 * Writes one thing that is done in a job: the steps that it takes.
 *
 * @internal
 */
interface Writer
{
    /**
     * @param list<string> $after ids of the steps that must be done first
     *
     * @return string id of the step that finishes it
     */
    public function write(array $after): string;
}
