<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Part;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * The sentences under a step that its title and text do not hold.
 *
 * @internal
 */
final readonly class Notes
{
    /** Care that is for lifting a part, not for putting it back. */
    private const ONLY_COMING_OUT = ['glued-flex', 'hinged-on-flexes', 'pull-slowly', 'tethered-by-flex'];

    /** @return list<Reason> what follows from what is put on and comes off */
    public static function of(Step $step): array
    {
        $things = $step->effects->things;
        $lens = static fn(Thing $t): bool => $t->coversALens();
        $notes = array_filter($things->puts, $lens) === [] ? [] : [new Reason('cover-the-lens')];
        if (array_filter($things->takes, $lens) !== []) {
            $notes[] = new Reason('uncover-the-lens');
        }
        if (\in_array(Thing::FlexGuard, $things->takes, true)) {
            $notes[] = new Reason('flex-guard-off');
        }
        $films = $step->kind() === StepKind::TakeOff
                ? []
                : array_filter($things->takes, static fn(Thing $t): bool => $t->isFilm());
        if ($films !== []) {
            $notes[] = new Reason('peel-off', ['things' => self::values(array_values($films))]);
        }
        foreach ([['test-extension-on', $things->puts], ['test-extension-off', $things->takes]] as [$code, $list]) {
            $notes = \in_array(Thing::TestExtension, $list, true) ? [...$notes, new Reason($code)] : $notes;
        }

        return $notes;
    }

    /** @return list<Reason> */
    public static function liftingOut(Part $part): array
    {
        return array_map(static fn(string $care): Reason => new Reason('care-' . $care), $part->handling->care);
    }

    /** @return list<Reason> */
    public static function puttingBack(Part $part): array
    {
        $care = array_values(array_diff($part->handling->care, self::ONLY_COMING_OUT));

        return array_map(static fn(string $c): Reason => new Reason('care-' . $c), $care);
    }

    /**
     * Codes with blanks between, for the wording.
     *
     * @param list<Thing> $things
     */
    public static function values(array $things): string
    {
        return implode(' ', array_map(static fn(Thing $t): string => $t->value, $things));
    }
}
