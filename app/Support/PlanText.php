<?php

declare(strict_types=1);

namespace App\Support;

use Facelift\Document\Reason;
use Facelift\Plan\Plan;
use Facelift\Plan\Step;

/** A plan as plain text, one step a line: what the command prints, and what is kept of every shipped phone to be read by people. */
final readonly class PlanText
{
    public static function of(Plan $plan, Words $words): string
    {
        $lines = [$plan->request->phone->identity->name() . ', ' . $plan->request->replacement->name];
        foreach ($plan->warnings as $warning) {
            $lines[] = '! ' . $words->reason($warning);
        }
        foreach ($plan->steps as $i => $step) {
            $lines[] = sprintf('%3d  %-9s  %s', $i + 1, $step->phase->value, $words->coded('step.' . $step->kind->value, $step->figures));
        }
        $lines[] = sprintf('%d min hands-on, %d min waiting, %d tool changes and turns', round($plan->handsOn() / 60), round($plan->waiting() / 60), $plan->changes);

        return implode("\n", $lines);
    }

    /** The same with tool, seconds, cautions and the reason of every step, and what moves. */
    public static function whole(Plan $plan, Words $words): string
    {
        $names = static fn(array $ids): string => $ids === [] ? 'nothing' : implode(', ', array_map(static fn(string $id): string => $plan->request->phone->nameOf($id), array_values(array_filter($ids, is_string(...)))));
        $lines = [self::of($plan, $words), '', 'moves over: ' . $names($plan->route->moved), 'stays with the old part: ' . $names($plan->route->discarded), ''];
        foreach ($plan->steps as $i => $step) {
            $lines[] = self::step($i + 1, $step, $words);
        }

        return implode("\n", $lines) . "\n";
    }

    private static function step(int $number, Step $step, Words $words): string
    {
        $because = implode('. ', array_map(static fn(Reason $r): string => $words->reason($r), $step->because));

        $line = sprintf('%3d  %s | %s | %d s, %d s waiting | %s | %s', $number, $words->coded('step.' . $step->kind->value, $step->figures), $step->tool ?? 'by hand', round($step->hands), round($step->wait), implode(' ', $step->cautions), $because);
        foreach (['on' => $step->effects->puts, 'off' => $step->effects->takes] as $how => $things) {
            $line .= $things === [] ? '' : " | $how: " . implode(', ', array_map(static fn(string $t): string => $words->coded('thing.' . $t, []), $things));
        }

        return $line;
    }
}
