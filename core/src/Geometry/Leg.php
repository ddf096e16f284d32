<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/** A straight piece or a clockwise arc of a path, in mm. */
final readonly class Leg
{
    /**
     * @param Point|null $centre null for a straight piece
     * @param float      $radius mm
     * @param float      $from   radians, y down
     * @param float      $to     radians, more than `$from`
     */
    private function __construct(
        public Point $start,
        public Point $end,
        public ?Point $centre,
        public float $radius,
        public float $from,
        public float $to,
    ) {}

    public static function line(Point $a, Point $b): self
    {
        return new self(
            $a,
            $b,
            null,
            0.0,
            0.0,
            0.0,
        );
    }

    public static function arc(Point $centre, float $radius, float $from, float $to): self
    {
        $at = static fn(float $angle): Point
            => new Point($centre->x + $radius * cos($angle), $centre->y + $radius * sin($angle));

        return new self(
            $at($from),
            $at($to),
            $centre,
            $radius,
            $from,
            $to,
        );
    }

    /** mm */
    public function length(): float
    {
        return $this->centre === null
            ? $this->start->distanceTo($this->end)
            : $this->radius * ($this->to - $this->from);
    }

    /** The point so many mm from its beginning. */
    public function at(float $mm): Point
    {
        $share = $this->length() > 0 ? $mm / $this->length() : 0.0;
        if ($this->centre === null) {
            return new Point(
                $this->start->x + $share * ($this->end->x - $this->start->x),
                $this->start->y + $share * ($this->end->y - $this->start->y),
            );
        }
        $angle = $this->from + $share * ($this->to - $this->from);

        return new Point(
            $this->centre->x + $this->radius * cos($angle),
            $this->centre->y + $this->radius * sin($angle),
        );
    }

    /** What lies between two distances from its beginning; null if nothing does. */
    public function part(float $from, float $to): ?self
    {
        if ($to - $from < 1e-9 || $this->length() <= 0) {
            return null;
        }
        if ($this->centre === null) {
            return self::line($this->at($from), $this->at($to));
        }
        $each = ($this->to - $this->from) / $this->length();

        return self::arc(
            $this->centre,
            $this->radius,
            $this->from + $each * $from,
            $this->from + $each * $to,
        );
    }
}
