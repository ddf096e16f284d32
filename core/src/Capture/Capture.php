<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\PhoneReader;
use Facelift\Capture\Internal\Corrected;
use Facelift\Capture\Internal\Met;
use Facelift\Capture\Internal\Table;
use Facelift\Document\Unreadable;

/**
 * A phone file as a fold over what was said of it at the bench: in the order of its own times, each once, whichever
 * way it arrived. Whatever no longer fits, since what it is about is gone, is passed over.
 */
final readonly class Capture
{
    /**
     * @param array<string, mixed> $base the phone file that the job was opened with
     * @param string               $job  tag of the job in which it is said; empty if it has none
     */
    public function __construct(private array $base, private string $job = '') {}

    /**
     * @param list<Captured> $said
     *
     * @return array<string, mixed> the document, as `PhoneReader` reads it
     */
    public function of(array $said): array
    {
        $once = [];
        foreach ($said as $one) {
            $once[$one->event] = $one;
        }
        uasort($once, static fn(Captured $a, Captured $b): int => $a->isBefore($b) ? -1 : 1);
        $document = $this->base;
        foreach ($once as $one) {
            try {
                $document = $this->after($document, $one);
            } catch (Unreadable) {
                // Something that was said earlier came later: this no longer fits, and is passed over.
            }
        }

        return $document;
    }

    /**
     * One thing more is said.
     *
     * @param array<string, mixed> $document what was said so far comes to
     *
     * @return array<string, mixed>
     *
     * @throws Unreadable If it makes no phone that can be worked on: nothing is to be kept.
     */
    public function after(array $document, Captured $one): array
    {
        $table = new Table($document, $this->job);
        $one->kind->isNew() ? (new Met($table))->take($one) : (new Corrected($table))->take($one);
        $next = $table->document();
        (new PhoneReader())->read($next);

        return $next;
    }
}
