<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;

/**
 * Runs a programme over the edge of a bond and the stack through the battery, and gives the temperatures that matter.
 */
final readonly class Curves
{
    public function __construct(private Stack $edge, private Stack $centre, private Carried $before) {}

    /** The bond has to be one that is warmed. */
    public static function of(Phone $phone, Bond $bond, float $room = Usual::ROOM): self
    {
        return self::after(Carried::nothing($room), $phone, $bond);
    }

    /** The same on a phone that has been heated before. The bond has to be one that is warmed. */
    public static function after(Carried $before, Phone $phone, Bond $bond): self
    {
        return new self(Stack::edgeOf($phone, $bond), Stack::centreOf($phone, $bond), $before);
    }

    /** What the phone carries with it once a programme is over. */
    public function carried(Programme $programme): Carried
    {
        return $this->before->warmAs($this->lanes($programme));
    }

    /** Edge and battery as they are once a programme is over. */
    public function lanes(Programme $programme): Lanes
    {
        $lanes = new Lanes($this->edge, $this->centre, $this->before);
        foreach ($programme->spans as $span) {
            $span->run($lanes, $span->keptAt !== null ? Hold::EVERY : max(1.0, $span->seconds));
        }

        return $lanes;
    }

    /**
     * @param float $every s between two samples, more than zero
     *
     * @return list<Sample> from second zero to the programme's end
     */
    public function run(Programme $programme, float $every = 2.0): array
    {
        $lanes = new Lanes($this->edge, $this->centre, $this->before);
        $clock = 0.0;
        $samples = [$lanes->sample($clock)];
        foreach ($programme->spans as $span) {
            $span->run($lanes, $every, static function (float $seconds) use (&$samples, &$clock, $lanes): void {
                $clock += $seconds;
                $samples[] = $lanes->sample($clock);
            });
        }

        return $samples;
    }
}
