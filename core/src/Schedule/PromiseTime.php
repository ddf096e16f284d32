<?php

declare(strict_types=1);

namespace Facelift\Schedule;

use Facelift\Schedule\Day\Day;
use Facelift\Schedule\Day\Laid;
use Facelift\Schedule\Day\Layout;
use Facelift\Schedule\Day\MadeDays;
use Facelift\Schedule\Day\Order;
use Facelift\Schedule\Day\Waiting;

/**
 * When a phone can be promised: it is put into the day behind what is planned already, and the day is made up again and
 * again with more or less work than planned; the time is taken by which it is ready in as many of those days as the
 * shop wants to keep its word.
 */
final readonly class PromiseTime
{
    /** @param float $certainty share of days in which it is to be ready, more than 0, less than 1 */
    public function __construct(private float $certainty) {}

    /**
     * @param Laid       $planned what is accepted already
     * @param list<Load> $others  the same, as they were planned
     *
     * @throws NeverOpen   If the shop does not open within the year.
     * @throws NobodyMay If nobody who is there may do all of it.
     */
    public function of(Load $load, Laid $planned, array $others): Promised
    {
        $laid = self::behind($load, $planned, $others);
        $day = $laid->day;
        $made = MadeDays::of($laid, $load->id);
        $at = $day->time->moment($made->by($load->id, $this->certainty));
        $alone = new Day($day->bench, [$load], $day->now);

        return new Promised(
            $day->bench->hours->said($at, $day->now),
            $at,
            $day->time->moment($made->by($load->id, 0.5)),
            $alone->time->moment(Layout::of($alone, new Order([]))->ready()[$load->id]),
            Waiting::of($laid, $load->id),
            $day->bench->hours->openedBetween($day->now, $at),
        );
    }

    /**
     * The day with one phone more: the others stay where they are, by the same hands.
     *
     * @param Laid       $planned what is accepted already
     * @param list<Load> $others  the same, as they were planned
     *
     * @throws NobodyMay If nobody who is there may do all of it.
     */
    public static function behind(Load $load, Laid $planned, array $others): Laid
    {
        $day = new Day($planned->day->bench, [...$others, $load], $planned->day->now);
        if (\in_array($load->id, $day->stuck, true)) {
            throw new NobodyMay('Nobody who is there may do all of it.');
        }
        $sequence = array_map(static fn(array $s): int => $s[0], $planned->sequence());

        return Layout::of($day, new Order($sequence, $planned->persons));
    }
}
