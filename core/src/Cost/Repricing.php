<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Quantity\Money;

/**
 * What a price that was given once would be by other rules: from its own lines of cost, as they were kept, with the
 * amounts of the other rules. What may go wrong costs in proportion to what the job costs.
 */
final readonly class Repricing
{
    public function __construct(private ShopRules $rules) {}

    /** @param string $phone id of the phone file */
    public function of(Inside $inside, string $phone, ReplacementKind $kind): Price
    {
        $lines = array_map($this->line(...), $inside->lines);
        // What was not used then is nothing now, but sundries are always there.
        if (!\in_array('sundries', array_map(static fn(Line $l): string => $l->code, $lines), true)) {
            $lines[] = new Line('sundries', 1, $this->rules->sundries->toCents());
        }
        $plain = Money::sum(...array_map(static fn(Line $l): Money => $l->amount, $lines));
        $then = $inside->plain;
        $risks = Money::sum(...array_map(static fn(Line $l): Money => self::risk($l, $plain, $then), $inside->risks));

        return Price::of($plain->plus($risks), $this->rules, $this->rules->fixedFor($phone, $kind));
    }

    private function line(Line $line): Line
    {
        $amount = match ($line->code) {
            'labour' => $this->labour($line->quantity),
            'tape' => $this->rules->tapeMetre->times($line->quantity),
            'seal' => $this->rules->seal->times($line->quantity),
            'glue' => $this->rules->glueMl->times($line->quantity),
            'kit' => $this->rules->glassKit->times($line->quantity),
            'sundries' => $this->rules->sundries,
            default => $line->amount,
        };

        return new Line($line->code, $line->quantity, $amount->toCents());
    }

    /** @param float $minutes of hands */
    private function labour(float $minutes): Money
    {
        return $this->rules->hourlyRate->times((int) round(60 * $minutes))->dividedBy(3600);
    }

    private static function risk(Line $risk, Money $now, Money $then): Money
    {
        return $then->isZero()
            ? $risk->amount
            : $risk->amount->times((string) $now)->dividedBy((string) $then)->toCents();
    }
}
