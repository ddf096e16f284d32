<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;

/**
 * The way back, refit by refit, each by its own writer.
 *
 * @internal
 */
final readonly class Refits
{
    public function __construct(private Site $site) {}

    /**
     * @param list<string> $left  ids that are still to be put back after this one
     * @param list<string> $after what it waits for beside those that lie under it
     */
    public function write(string $id, array $left, array $after = []): void
    {
        $after = [...$this->after($id), ...$after];
        $cover = $this->site->isDiscarded($id) ? null : $this->site->coverBondOf($id)?->id;
        if ($cover !== null && ($left[0] ?? null) === $cover) {
            // A cover that nothing holds back goes on as its bond is shut: until then the phone is open.
            $this->site->progress->coverAfter[$id] = $after;

            return;
        }
        $this->site->progress->backBy[$id] = $done = $this->writer($id, $left)->write($after);
        $lifted = ($this->site->phone->bonds[$id] ?? null)?->lifted();
        if ($lifted !== null && isset($this->site->progress->coverAfter[$lifted])) {
            $this->site->progress->backBy[$lifted] = $done;
        }
    }

    /** @param list<string> $left */
    private function writer(string $id, array $left): Writer
    {
        $phone = $this->site->phone;
        $bond = $phone->bonds[$id] ?? null;

        return match (true) {
            isset($phone->fasteners[$id]) => new ScrewsIn($this->site, $phone->fasteners[$id]),
            isset($phone->connectors[$id]) => new PlugOn($this->site, $phone->connectors[$id]),
            $bond?->cut !== null => new LaidShut($this->site, $bond, $left),
            $bond !== null => new InnerBondAgain($this->site, $bond),
            $this->site->isDiscarded($id) => new NewPartIn($this->site, $phone->parts[$id], $left),
            default => new PartIn($this->site, $phone->parts[$id], $left),
        };
    }

    /** @return list<string> the refits that have to come first: everything that waited for this one to come off */
    private function after(string $id): array
    {
        $progress = $this->site->progress;
        $over = array_intersect_key($progress->backBy, array_fill_keys($this->site->frees[$id] ?? [], true));

        return [$progress->start, ...array_values($over)];
    }
}
