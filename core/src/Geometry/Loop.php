<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** A walk round a rounded rectangle, clockwise seen from the front, from the left end of its straight top. */
final readonly class Loop
{
    /** @var list<Leg> */
    private array $legs;
    private float $round;

    public function __construct(private RoundedRectangle $shape)
    {
        $this->legs = $this->walked();
        $this->round = $shape->perimeter();
    }

    /** mm */
    public function length(): float
    {
        return $this->round;
    }

    /** Where one is after so many mm; the walk begins anew after a round. */
    public function at(float $mm): Point
    {
        $rest = fmod($mm, $this->length());
        $rest = $rest < 0 ? $rest + $this->length() : $rest;
        foreach ($this->legs as $leg) {
            if ($rest <= $leg->length() + 1e-9) {
                return $leg->at($rest);
            }
            $rest -= $leg->length();
        }

        return $this->at(0.0);
    }

    /**
     * The straight pieces and arcs between two places of the walk.
     *
     * @param float $from mm
     * @param float $to   mm, more than `$from`, at most a round later
     *
     * @return list<Leg>
     */
    public function between(float $from, float $to): array
    {
        $out = [];
        $at = 0.0;
        foreach ([...$this->legs, ...$this->legs] as $leg) {
            $part = $leg->part(max(0.0, $from - $at), min($leg->length(), $to - $at));
            if ($part !== null) {
                $out[] = $part;
            }
            $at += $leg->length();
        }

        return $out;
    }

    /** @return list<Leg> */
    private function walked(): array
    {
        $b = $this->shape->box;
        $r = $this->shape->radius;
        $corners = [
            [new Point($b->right() - $r, $b->y + $r), -\M_PI / 2],
            [new Point($b->right() - $r, $b->bottom() - $r), 0.0],
            [new Point($b->x + $r, $b->bottom() - $r), \M_PI / 2],
            [new Point($b->x + $r, $b->y + $r), \M_PI],
        ];
        $legs = [];
        $at = new Point($b->x + $r, $b->y);
        foreach ($corners as [$centre, $start]) {
            $arc = Leg::arc(
                $centre,
                $r,
                $start,
                $start + \M_PI / 2,
            );
            $legs[] = Leg::line($at, $arc->at(0.0));
            $legs[] = $arc;
            $at = $arc->at($arc->length());
        }

        return $legs;
    }
}
