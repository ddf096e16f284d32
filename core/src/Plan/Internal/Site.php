<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Reason;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\Sealing;
use Facelift\Plan\Step;
use Facelift\Route\Route;
use Facelift\Route\Trial;

/**
 * What every writer works on: the job, the steps so far, and how far it has come.
 *
 * @internal
 */
final readonly class Site
{
    public Phone $phone;
    public StepList $steps;
    public Progress $progress;
    /** @var array<string, list<string>> for every removal those that wait for it, in the order of the phone file */
    public array $frees;

    public function __construct(public Request $request, public Route $route, public Sealing $sealing)
    {
        $this->phone = $request->phone;
        $this->steps = new StepList();
        $this->progress = new Progress();
        $order = array_flip(array_keys(Blocks::of($this->phone)->clauses));
        $at = static fn(string $id): int => $order[$id] ?? \count($order);
        $this->frees = array_map(static function (array $ids) use ($at): array {
            usort($ids, static fn(string $a, string $b): int => $at($a) <=> $at($b));

            return $ids;
        }, $route->frees());
        $this->progress->displayShut = array_filter(array_keys($sealing->openings), $this->holdsDisplay(...)) === [];
    }

    /** @param list<string> $after */
    public function apart(Step $step, ?array $after = null): string
    {
        return $this->steps->add($this->progress->apart($this->route->trial !== null), $step, $after);
    }

    /** @param list<string> $after */
    public function back(Step $step, ?array $after = null): string
    {
        return $this->steps->add($this->progress->back(), $step, $after);
    }

    public function inPhase(Phase $phase, Step $step): string
    {
        return $this->steps->add($phase, $step);
    }

    /** @return list<Reason> why a removal is made: what it frees, or that it is the goal */
    public function becauseOf(string $removal): array
    {
        $frees = array_values(array_diff($this->frees[$removal] ?? [], [Trial::ID]));

        return ($this->frees[$removal] ?? []) === []
            ? [new Reason('is-the-goal')]
            : [new Reason('frees', ['names' => $this->names($frees)])];
    }

    /** @param list<string> $ids */
    public function names(array $ids): string
    {
        return implode(', ', array_map($this->phone->nameOf(...), $ids));
    }

    public function isGlassOnly(): bool
    {
        return $this->request->replacement->kind === ReplacementKind::GlassOnly;
    }

    public function isDiscarded(string $part): bool
    {
        return \in_array($part, $this->route->discarded, true);
    }

    /** True if a bond holds what is replaced. */
    public function holdsDisplay(string $bond): bool
    {
        return \in_array($this->phone->bonds[$bond]->lifted(), $this->request->replacement->replaces, true);
    }

    /** The bond of the route that is cut round and lifts this part; null if there is none. */
    public function cutBondOf(string $part): ?Bond
    {
        foreach (array_keys($this->sealing->openings) as $id) {
            if ($this->phone->bonds[$id]->lifted() === $part) {
                return $this->phone->bonds[$id];
            }
        }

        return null;
    }

    /** The bond or the clips of the route that hold this part as a cover; null if there are none. */
    public function coverBondOf(string $part): ?Bond
    {
        $cut = $this->cutBondOf($part);
        $isCover = ($this->phone->parts[$part] ?? null)?->kind->isCover() === true;
        foreach ($cut === null && $isCover ? $this->route->ids() : [] as $id) {
            $bond = $this->phone->bonds[$id] ?? null;
            if ($bond?->adhesive === AdhesiveKind::Clips && $bond->lifted() === $part) {
                return $bond;
            }
        }

        return $cut;
    }
}
