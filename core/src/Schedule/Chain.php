<?php

declare(strict_types=1);

namespace Facelift\Schedule;

use Facelift\Plan\Plan;
use Facelift\Plan\Step;
use Facelift\Schedule\Internal\PieceOf;

/** What is left to do of a phone, in pieces of work between which it may lie. */
final readonly class Chain
{
    /** @param list<Piece> $pieces in order */
    public function __construct(public array $pieces) {}

    /** @param array<string, mixed> $done steps that are done, by id */
    public static function of(Plan $plan, array $done = []): self
    {
        return self::steps(array_diff_key($plan->steps, $done));
    }

    /** @param list<array<int, mixed>> $rows as `rows` gives them, also of earlier versions */
    public static function read(array $rows): self
    {
        return new self(array_map(PieceOf::row(...), $rows));
    }

    /**
     * To be kept beside a job.
     *
     * @return list<array{string, float, float, string|null, float|null, list<string>, string|null}>
     */
    public function rows(): array
    {
        return array_map(
            static fn(Piece $p): array => [
                $p->step,
                $p->hands,
                $p->off,
                $p->equipment?->value,
                $p->within,
                array_map(static fn(Right $r): string => $r->value, $p->rights),
                $p->kind?->value,
            ],
            $this->pieces,
        );
    }

    /** s of hands */
    public function hands(): float
    {
        return array_sum(array_map(static fn(Piece $p): float => $p->hands, $this->pieces));
    }

    /** s from its first to its last, if nothing has to wait */
    public function length(): float
    {
        return array_sum(array_map(static fn(Piece $p): float => $p->hands + $p->off, $this->pieces));
    }

    /** @param array<string, Step> $steps in order */
    private static function steps(array $steps): self
    {
        $pieces = [];
        $hands = 0.0;
        $first = '';
        $kind = null;
        $rights = [];
        foreach ($steps as $id => $step) {
            $own = PieceOf::rights($step);
            $apart = PieceOf::standsApart($step);
            if ($first !== '' && ($apart || $own !== $rights)) {
                // What has been laid or warmed is gone on with at once; to other rights it may be handed over.
                $pieces[] = new Piece(
                    $first,
                    $hands,
                    0.0,
                    null,
                    $own === $rights ? 0.0 : null,
                    $rights,
                    $kind,
                );
                $hands = 0.0;
                $first = '';
            }
            if ($apart) {
                $pieces[] = PieceOf::step($id, $step);

                continue;
            }
            $kind = $first === '' ? $step->kind() : $kind;
            $first = $first === '' ? $id : $first;
            $rights = $own;
            $hands += $step->manner->work();
        }
        if ($first !== '') {
            $pieces[] = new Piece(
                $first,
                $hands,
                0.0,
                null,
                null,
                $rights,
                $kind,
            );
        }

        return new self($pieces);
    }
}
