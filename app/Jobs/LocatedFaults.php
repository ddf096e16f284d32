<?php

declare(strict_types=1);

namespace App\Jobs;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Bench\Faults;
use Facelift\Bench\Gripping;
use Facelift\Bench\Run;
use Facelift\Bench\Undo;
use Facelift\Bench\WayBack;
use Facelift\Bench\WayThere;
use Facelift\Condition\Condition;
use Facelift\Proof\Bearing;
use Facelift\Proof\Fault\Located;
use Facelift\Proof\Fault\Ranked;

/** Where the functions that fail in a run point to, as the page is told it. */
final readonly class LocatedFaults
{
    /** Less likely than this is not told. */
    private const LEAST = 0.01;

    private function __construct(private Faults $faults, private Located $located, private WayBack $back) {}

    public static function in(Run $run, Condition $condition): self
    {
        $faults = new Faults($run, $condition);

        return new self($faults, $faults->located(), new WayBack($run));
    }

    /** @return array<string, mixed>|null null if nothing fails */
    public function toArray(): ?array
    {
        if ($this->located->ranked === [] && $this->located->elsewhere === []) {
            return null;
        }
        $next = $this->located->next;
        $told = array_values(
            array_filter($this->located->ranked, static fn(Ranked $r): bool => $r->share >= self::LEAST),
        );

        return [
            'ranked' => array_map($this->ranked(...), $told),
            'elsewhere' => $this->located->elsewhere,
            'next' => $next === null ? null : [
                'look' => $next->look->value,
                'subject' => $next->subject,
                'name' => $next->name,
                'bits' => round($next->bits, 3),
                'found' => round($next->found, 3),
                'seconds' => round($next->seconds),
            ],
            'leftOut' => $this->located->leftOut,
        ];
    }

    /** Who bears a function that fails; null if it does not. */
    public function bears(PhoneFunction $function): ?Bearing
    {
        $change = $this->faults->changes()[$function->value] ?? null;

        return $change === null ? null : Bearing::of($change, $this->located->behind($function->value));
    }

    /** @return array<string, mixed> */
    private function ranked(Ranked $ranked): array
    {
        $suspicion = $ranked->suspicion;
        $way = $this->back->to($suspicion);
        $look = $suspicion->kind->look();

        return [
            'kind' => $suspicion->kind->value,
            'subject' => $suspicion->subject,
            'name' => $suspicion->name,
            'share' => round($ranked->share, 4),
            'explains' => array_map(static fn(PhoneFunction $f): string => $f->value, $ranked->explains),
            'look' => $look?->value,
            'seconds' => $look === null ? 0.0 : round($look->seconds() + $way->seconds),
            'undo' => array_map(
                static fn(Undo $u): array => ['id' => $u->id, 'name' => $u->name, 'seconds' => round($u->seconds)],
                $way->undo,
            ),
            'grips' => self::grips($way),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function grips(WayThere $way): array
    {
        return array_map(
            static fn(Gripping $g): array => ['name' => $g->name, 'shut' => $g->shut, 'hours' => $g->hours],
            $way->grips,
        );
    }
}
