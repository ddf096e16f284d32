<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Film;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Phase;
use Facelift\Plan\Request;
use Facelift\Plan\StepKind as Kind;

/**
 * Writes how the new part is unpacked: looked at, freed of what must not end up in the phone, each film in the ledger until it is off.
 *
 * @internal
 */
final readonly class NewPart
{
    /** The thing that is put on a flex which does not reach by itself. */
    public const EXTENSION = 'test-extension';

    public function __construct(private Request $request, private StepList $steps) {}

    /**
     * Before it is connected: the flex guard has to come off, everything else may stay.
     *
     * @param list<string> $after
     */
    public function inspect(Phase $phase, array $after): string
    {
        $arrived = $this->arrived();
        $guard = array_values(array_intersect([Film::FlexGuard->value], [...$arrived, ...$this->steps->stillOn(Film::FlexGuard->value)]));

        return $this->steps->add($phase, Kind::InspectNew, figures: ['name' => $this->request->replacement->name], hands: 40, because: [new Reason('inspect-before-connecting')], after: $after, effects: new Effects(puts: $arrived, takes: $guard));
    }

    /** Before it is fitted: only the outer film may stay. */
    public function prepare(Phase $phase): string
    {
        $part = $this->request->replacement;
        $arrived = $this->arrived();
        $films = array_map(static fn(Film $f): string => $f->value, array_filter($part->films, static fn(Film $f): bool => !$f->staysUntilHandOver()));
        $off = array_values(array_intersect($films, [...$arrived, ...($films === [] ? [] : $this->steps->stillOn(...$films))]));

        return $this->steps->add($phase, Kind::PrepareNew, figures: ['name' => $part->name, 'takeOut' => implode(' ', $part->takeOut)], hands: 40 + 30 * \count($part->takeOut), because: [new Reason('films-and-guards')], effects: new Effects(puts: $arrived, takes: $off));
    }

    /** @return list<string> films that nobody has met yet */
    private function arrived(): array
    {
        $films = array_map(static fn(Film $f): string => $f->value, $this->request->replacement->films);

        return array_values(array_filter($films, fn(string $film): bool => !$this->steps->wasOn($film)));
    }
}
