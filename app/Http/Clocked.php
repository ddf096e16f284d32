<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Carbon;

/**
 * A request that says when something happened, by a clock that may be off. With `sentAt`, what that clock showed when
 * the request was sent, its moments are set right; without, a moment that cannot be is refused.
 */
trait Clocked
{
    /** What is on its way is not taken for a difference of clocks, ms. */
    private const ON_ITS_WAY = 15_000;

    /** @return list<mixed> the rules of a moment; the job's is checked where it is locked */
    private static function moment(): array
    {
        return ['required', 'integer', 'min:1577836800000', 'max:4102444800000'];
    }

    protected function prepareForValidation(): void
    {
        $sent = $this->input('sentAt');
        if (!is_int($sent)) {
            return;
        }
        $off = Carbon::now()->getTimestampMs() - $sent;
        if (abs($off) <= self::ON_ITS_WAY) {
            return;
        }
        $set = static fn(mixed $said): mixed => is_array($said) && is_int($said['at'] ?? null)
            ? ['at' => $said['at'] + $off] + $said
            : $said;
        $events = $this->input('events');
        if (is_array($events)) {
            $this->merge(['events' => array_map($set, $events)]);
        }
        $at = $this->input('at');
        if (is_int($at)) {
            $this->merge(['at' => $at + $off]);
        }
    }
}
