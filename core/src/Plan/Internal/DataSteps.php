<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Connector;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Tool;
use Facelift\Document\Reason;
use Facelift\Fit\DataWay;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Route\Route;
use Facelift\Route\Trial;

/**
 * The old display's data: read the moment that its plug is off, before anything else can happen to the panel.
 *
 * @internal
 */
final readonly class DataSteps
{
    /** s for one block, read twice and checked; s for plugging in (estimates, to be replaced by the shop's own) */
    private const BLOCK = 0.5;
    private const PLUGGING = 45.0;

    public function __construct(private Site $site) {}

    /** True if this is the plug by which the old display's memory is reached. */
    public function isReachedBy(string $removal): bool
    {
        return $removal === $this->plug()?->id;
    }

    public function plug(): ?Connector
    {
        return self::reachedBy($this->site->request, $this->site->route);
    }

    /** The plug that frees the memory; null if there is none, or the phone keeps its own panel. */
    public static function reachedBy(Request $request, Route $route): ?Connector
    {
        $phone = $request->phone;
        if (!$phone->panel->memory || $request->basis()->isGlassOnly()) {
            return null;
        }
        foreach (array_intersect($route->ids(), Trial::plugsOf($phone, $route->discarded)) as $id) {
            $plug = $phone->connectors[$id];
            if ($phone->parts[$plug->joins[0]]->kind === PartKind::Display) {
                return $plug;
            }
        }

        return null;
    }

    /** @param list<string> $after */
    public function read(array $after): string
    {
        $own = $this->site->phone->panel->data->ownSupply ?? false;
        $step = $this->step(StepKind::ReadMemory)->because(
            new Reason('read-before-binned'),
            new Reason($own ? 'memory-has-own-supply' : 'memory-fed-by-panel'),
        );

        return $this->site->apart($step, $after);
    }

    /** True if the data is to be on the new display. */
    public function isCopied(): bool
    {
        return $this->plug() !== null && ($this->site->request->data ?? DataWay::Copy) === DataWay::Copy;
    }

    public function write(): void
    {
        $step = $this->step(StepKind::WriteMemory)->because(new Reason('verified-by-reading-back'));
        $this->site->inPhase(Phase::MoveOver, $step);
    }

    private function step(StepKind $kind): Step
    {
        $plug = $this->plug() ?? throw new \LogicException('no memory is reached');
        $blocks = $this->site->phone->panel->data?->layout->blocks() ?? 0;

        return Step::of($kind, $this->site->steps->face(), $plug->joins[0])
            ->saying(['name' => $plug->name, 'blocks' => $blocks])
            ->with(Tool::PanelProgrammer)
            ->taking(self::PLUGGING + self::BLOCK * $blocks);
    }
}
