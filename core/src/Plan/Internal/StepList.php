<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Face;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Phase;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\Gate;

/**
 * Collects the steps of a plan in order and gives them ids.
 *
 * @internal
 */
final class StepList
{
    /** @var list<Step> */
    private array $steps = [];
    private ?string $tool = null;
    private Face $face = Face::Front;
    private int $changes = 0;
    /** @var list<string> things put on for the work and not yet off */
    private array $on = [];
    /** @var array<string, true> everything that was ever on */
    private array $everOn = [];
    /** @var array<string, true> places where something wet was used and not yet confirmed dry */
    private array $wet = [];

    /**
     * @param list<string>                    $subjects
     * @param array<string, string|float|int> $figures
     * @param list<string>                    $cautions
     * @param list<Reason>                    $because
     * @param list<string>|null               $after    null for the step before this one
     */
    public function add(
        Phase $phase,
        StepKind $kind,
        array $subjects = [],
        array $figures = [],
        ?Face $face = null,
        ?string $tool = null,
        float $hands = 10.0,
        float $wait = 0.0,
        array $cautions = [],
        array $because = [],
        ?array $after = null,
        Effects $effects = new Effects(),
        ?Gate $gate = null,
    ): string {
        $face ??= $this->face;
        $this->changes += ($tool !== null && $tool !== $this->tool ? 1 : 0) + ($face !== $this->face ? 1 : 0);
        $this->tool = $tool ?? $this->tool;
        $this->face = $face;
        $this->on = array_values(array_diff([...$this->on, ...$effects->puts], $effects->takes));
        $this->everOn += array_fill_keys($effects->puts, true);
        if ($effects->wets !== null) {
            $this->wet[$effects->wets] = true;
        }
        if ($effects->dries !== null) {
            unset($this->wet[$effects->dries]);
        }
        $id = $this->freeId($kind->value . ($gate !== null ? ':' . $gate->value : ($subjects === [] ? '' : ':' . $subjects[0])));
        $after ??= $this->steps === [] ? [] : [$this->steps[\count($this->steps) - 1]->id];
        $this->steps[] = new Step($id, $phase, $kind, $subjects, $figures, $face, $tool, $hands, $wait, $cautions, $because, array_values(array_unique($after)), $effects, $gate);

        return $id;
    }

    /** @return list<Step> */
    public function all(): array
    {
        return $this->steps;
    }

    /** Tool changes and turns of the phone so far. */
    public function changes(): int
    {
        return $this->changes;
    }

    /**
     * Of the things named, those that are on now; all of them if none is named.
     *
     * @return list<string>
     */
    public function stillOn(string ...$things): array
    {
        return $things === [] ? $this->on : array_values(array_intersect($this->on, $things));
    }

    /** True if this has been on at any time. */
    public function wasOn(string $thing): bool
    {
        return isset($this->everOn[$thing]);
    }

    /** @return list<string> places that are wet now */
    public function wet(): array
    {
        return array_keys($this->wet);
    }

    private function freeId(string $wish): string
    {
        $taken = array_map(static fn(Step $s): string => $s->id, $this->steps);
        $id = $wish;
        for ($n = 2; \in_array($id, $taken, true); ++$n) {
            $id = $wish . '#' . $n;
        }

        return $id;
    }
}
