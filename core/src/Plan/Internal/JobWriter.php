<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Cut\GlassParting;
use Facelift\Plan\Internal\Apart\Preparing;
use Facelift\Plan\Internal\Apart\Removals;
use Facelift\Plan\Internal\Apart\SetAside;
use Facelift\Plan\Internal\Back\Beginning;
use Facelift\Plan\Internal\Back\Finishing;
use Facelift\Plan\Internal\Back\NewGlass;
use Facelift\Plan\Internal\Back\Refits;
use Facelift\Route\RemovalNode;

/**
 * Writes all the steps of a job in the order of its school.
 *
 * @internal
 */
final readonly class JobWriter
{
    /** @param GlassParting|null $glass how the old glass comes off; for new glass alone */
    public function __construct(private Site $site, private ?GlassParting $glass) {}

    public function write(): void
    {
        $progress = $this->site->progress;
        $start = (new Preparing($this->site))->write([]);
        $errands = (new Itinerary($this->site))->by($this->site->request->school);
        $outLeft = \count($this->site->route->removals->nodes);
        foreach ($errands as $i => $errand) {
            if ($errand->direction === Direction::Out) {
                $node = $this->node($errand->id);
                (new Removals($this->site))->write($node, $start);
                if (--$outLeft === 0) {
                    (new SetAside($this->site))->write(array_values($progress->outBy));
                }
                continue;
            }
            $this->begin();
            $whileOut = $outLeft > 0 ? [$progress->outBy[$errand->id]] : [];
            (new Refits($this->site))->write($errand->id, $this->backAfter($errands, $i), $whileOut);
        }
        $this->begin();
        (new Finishing($this->site))->write([$progress->start, ...array_values($progress->backBy)]);
    }

    private function begin(): void
    {
        if ($this->site->progress->start !== '') {
            return;
        }
        $writer = $this->site->isGlassOnly()
            ? new NewGlass(
                $this->site,
                $this->glass ?? throw new \LogicException('new glass without a way to part the old'),
            )
            : new Beginning($this->site);
        $this->site->progress->start = $writer->write([]);
    }

    private function node(string $id): RemovalNode
    {
        foreach ($this->site->route->removals->nodes as $node) {
            if ($node->id === $id) {
                return $node;
            }
        }

        throw new \LogicException('no removal ' . $id);
    }

    /**
     * @param list<Errand> $errands
     *
     * @return list<string> what is put back after this one
     */
    private function backAfter(array $errands, int $i): array
    {
        $later = array_filter(
            \array_slice($errands, $i + 1),
            static fn(Errand $e): bool => $e->direction === Direction::Back,
        );

        return array_values(array_map(static fn(Errand $e): string => $e->id, $later));
    }
}
