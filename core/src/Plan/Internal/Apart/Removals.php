<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Plan\Internal\DataSteps;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Route\RemovalNode;
use Facelift\Route\Trial;

/**
 * The way apart, removal by removal, each by its own writer.
 *
 * @internal
 */
final readonly class Removals
{
    public function __construct(private Site $site) {}

    /** @param string $start id of the step that everything waits for */
    public function write(RemovalNode $node, string $start): void
    {
        $this->warmWhatCanBe($start);
        $done = $this->writer($node->id)->write($this->after($node, $start));
        $this->site->progress->outBy[$node->id] = $done;
        $data = new DataSteps($this->site);
        if ($data->isReachedBy($node->id)) {
            $this->site->progress->dataBy = $data->read([$done]);
        }
    }

    private function writer(string $id): Writer
    {
        $phone = $this->site->phone;
        $bond = $phone->bonds[$id] ?? null;

        return match (true) {
            $id === Trial::ID => new TrialRun(
                $this->site,
                $this->site->route->trial ?? throw new \LogicException('a trial step without a trial'),
            ),
            isset($phone->fasteners[$id]) => new ScrewsOut($this->site, $phone->fasteners[$id]),
            isset($phone->connectors[$id]) => new PlugOff($this->site, $phone->connectors[$id]),
            $bond?->cut !== null => new BondOpened($this->site, $bond),
            $bond !== null => new InnerBondApart($this->site, $bond),
            default => new PartOut($this->site, $phone->parts[$id]),
        };
    }

    /**
     * Glue that is warmed needs no hands: it begins as soon as nothing keeps it from beginning, and other work goes
     * on beside it.
     */
    private function warmWhatCanBe(string $start): void
    {
        $progress = $this->site->progress;
        foreach ($this->site->route->removals->nodes as $node) {
            $bond = $this->site->phone->bonds[$node->id] ?? null;
            $open = array_filter(
                $node->clauses,
                static fn(array $any): bool => array_intersect_key($progress->outBy, array_fill_keys($any, true))
                    === [],
            );
            $begun = isset($progress->outBy[$node->id]) || isset($progress->warmedBy[$node->id]);
            if ($bond !== null && InnerBondApart::isWarmed($this->site->phone, $bond) && $open === [] && !$begun) {
                (new InnerBondApart($this->site, $bond))->warm($this->after($node, $start));
            }
        }
    }

    /** @return list<string> */
    private function after(RemovalNode $node, string $start): array
    {
        $after = [$start];
        foreach ($node->clauses as $any) {
            $done = array_values(array_intersect_key($this->site->progress->outBy, array_fill_keys($any, true)));
            if ($done !== []) {
                $after[] = $done[0];
            }
        }

        return $after;
    }
}
