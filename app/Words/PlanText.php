<?php

declare(strict_types=1);

namespace App\Words;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\Thing;
use Facelift\Document\Reason;
use Facelift\Plan\Hazard;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Proof\GateTests;
use Facelift\Proof\Need;
use Facelift\Proof\Testing;

/**
 * A plan as plain text, one step a line: what the command prints, and what is kept of every shipped phone to be read
 * by people.
 */
final readonly class PlanText
{
    public static function of(Plan $plan, Words $words): string
    {
        $lines = [$plan->basis->phone->identity->name() . ', ' . $plan->basis->replacement->name];
        foreach ($plan->remarks->warnings as $warning) {
            $lines[] = '! ' . $words->reason($warning->reason);
        }
        foreach (array_values($plan->steps) as $i => $step) {
            $lines[] = sprintf('%3d  %-9s  %s', $i + 1, $step->phase->value, self::title($step, $words));
        }
        $lines[] = sprintf(
            '%d min hands-on, %d min waiting, %d tool changes and turns',
            round($plan->handsOn() / 60),
            round($plan->waiting() / 60),
            $plan->changes,
        );

        return implode("\n", $lines);
    }

    /** The same with tool, seconds, cautions, notes and the reason of every step, and what moves. */
    public static function whole(Plan $plan, Words $words): string
    {
        $names = static fn(array $ids): string => $ids === []
            ? 'nothing'
            : implode(
                ', ',
                array_map($plan->basis->phone->nameOf(...), array_values(array_filter($ids, is_string(...)))),
            );
        $lines = [
            self::of($plan, $words),
            '',
            'moves over: ' . $names($plan->route->moved),
            'stays with the old part: ' . $names($plan->route->discarded),
            '',
        ];
        foreach (array_values($plan->steps) as $i => $step) {
            $lines[] = self::step($i + 1, $step, $words);
        }
        $lines[] = '';
        foreach ($plan->gates as $gate) {
            $lines[] = self::gate($gate, $words);
        }

        return implode("\n", $lines) . "\n";
    }

    /** What is tested at a gate, in order, with what each test needs. */
    private static function gate(GateTests $gate, Words $words): string
    {
        $test = static function (PhoneFunction $f) use ($words): string {
            $needs = array_map(
                static fn(Need $n): string => $words->coded('need.' . $n->value, []),
                Testing::of($f)->needs,
            );

            return $words->coded('function.' . $f->value, [])
                . ($needs === [] ? '' : ' (' . implode(', ', $needs) . ')');
        };

        return sprintf(
            '%s gate, %d s: %s',
            $words->coded('gate.' . $gate->gate->value, []),
            round(Testing::seconds($gate->functions)),
            implode(' · ', array_map($test, $gate->functions)),
        );
    }

    private static function title(Step $step, Words $words): string
    {
        return $words->coded('step.' . $step->kind()->value, $step->act->figures);
    }

    /** What to do, in the words of the bench; an adhesive may have words of its own. */
    private static function sentence(Step $step, Words $words): string
    {
        $kind = $step->kind()->value;
        $own = sprintf('text.%s.%s', $kind, $step->act->figures['adhesive'] ?? '');
        $tool = $step->manner->tool->value ?? ($step->kind() === StepKind::CutPass ? 'blade' : '');

        return ucfirst($words->coded(
            $words->isWorded($own) ? $own : 'text.' . $kind,
            $step->act->figures + ['tool' => $tool],
        ));
    }

    private static function step(int $number, Step $step, Words $words): string
    {
        $manner = $step->manner;
        $line = sprintf(
            '%3d  %s | %s | %d s, %d s waiting | %s | %s',
            $number,
            self::title($step, $words),
            $manner->tool->value ?? 'by hand',
            round($manner->hands),
            round($manner->wait),
            implode(' ', array_map(static fn(Hazard $h): string => $h->value, $manner->hazards)),
            implode('. ', array_map(static fn(Reason $r): string => $words->reason($r), $step->because)),
        );
        $line .= ' | ' . self::sentence($step, $words);
        foreach ($step->act->notes as $note) {
            $line .= ' | ' . $words->note($note);
        }
        foreach (['on' => $step->effects->things->puts, 'off' => $step->effects->things->takes] as $how => $things) {
            $names = array_map(static fn(Thing $t): string => $words->coded('thing.' . $t->value, []), $things);
            $line .= $things === [] ? '' : " | $how: " . implode(', ', $names);
        }

        return $line;
    }
}
