<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Document\Reason;
use Facelift\Plan\Internal\Connection;
use Facelift\Plan\Internal\NewPart;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Proof\Gate;
use Facelift\Route\Trial;

/**
 * The last moment at which a new part that could not be tried is proven: connected and dry, before it is bonded.
 *
 * @internal
 */
final readonly class DryTest implements Writer
{
    /** @param list<string> $left ids still to be put back */
    public function __construct(private Site $site, private array $left) {}

    /** Nothing was proven yet, and everything that has to be live lies in its place. */
    public function canBeMade(): bool
    {
        if ($this->site->route->trial !== null || $this->site->progress->live || $this->site->isGlassOnly()) {
            return false;
        }
        $ends = $this->site->phone->powerConnector()->joins;
        foreach ($this->plugs() as $plug) {
            $ends = [...$ends, ...$this->site->phone->connectors[$plug]->joins];
        }

        return array_intersect(array_diff($ends, $this->site->route->discarded), $this->left) === [];
    }

    public function write(array $after): string
    {
        $plugs = $this->plugs();
        $connection = new Connection($this->site, $plugs);
        $live = $this->site->names([...$plugs, $this->site->phone->powerConnector()->id]);
        $this->site->back((new NewPart($this->site))->inspect(), $after);
        $this->site->back($connection->on($live)->because(new Reason('last-moment-before-bonding')));
        $this->site->back($connection->gate(Gate::Dry)->because(new Reason('before-bonding')));

        return $this->site->back($connection->off());
    }

    /** @return list<string> */
    private function plugs(): array
    {
        return Trial::plugsOf($this->site->phone, $this->site->route->discarded);
    }
}
