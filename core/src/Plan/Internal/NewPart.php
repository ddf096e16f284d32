<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Film;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * How the new part is unpacked: looked at, freed of what must not end up in the phone, each film in the ledger until
 * it is off.
 *
 * @internal
 */
final readonly class NewPart
{
    public function __construct(private Site $site) {}

    /** Before it is connected: the flex guard has to come off, everything else may stay. */
    public function inspect(): Step
    {
        return Step::of(StepKind::InspectNew, $this->site->steps->face())
            ->saying(['name' => $this->site->request->replacement->name])
            ->taking(40.0)
            ->because(new Reason('inspect-before-connecting'))
            ->leaving($this->unpacking([Thing::FlexGuard]));
    }

    /** Before it is fitted: only the outer film may stay. */
    public function prepare(): Step
    {
        $part = $this->site->request->replacement;
        $films = array_filter($this->films(), static fn(Thing $t): bool => !$t->staysUntilHandOver());

        return Step::of(StepKind::PrepareNew, $this->site->steps->face())
            ->saying(['name' => $part->name])
            ->noting(...array_map(static fn(string $code): Reason => new Reason('take-out-' . $code), $part->takeOut))
            ->taking(40.0 + 30.0 * \count($part->takeOut))
            ->because(new Reason('films-and-guards'))
            ->leaving($this->unpacking(array_values($films)));
    }

    /** @param list<Thing> $off what comes off now, if it is on */
    private function unpacking(array $off): Effects
    {
        $arrived = array_values(
            array_filter($this->films(), fn(Thing $film): bool => !$this->site->steps->wasOn($film)),
        );
        $on = [...$arrived, ...$this->site->steps->stillOn(...$this->films())];
        $taken = array_filter($off, static fn(Thing $t): bool => \in_array($t, $on, true));

        return Effects::none()->putting(...$arrived)->taking(...$taken);
    }

    /** @return list<Thing> */
    private function films(): array
    {
        return array_map(static fn(Film $f): Thing => $f->thing(), $this->site->request->replacement->films);
    }
}
