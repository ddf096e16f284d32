<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Quantity\Money;

/** What one job costs the shop, line by line; amounts in cents. */
final readonly class JobCost
{
    /**
     * @param list<Line> $lines without risk
     * @param list<Line> $risks each its probability times its amount
     */
    private function __construct(public array $lines, public array $risks) {}

    /**
     * @param Money      $part    what the part cost the shop
     * @param float      $seconds hands-on time
     * @param list<Loss> $losses
     */
    public static function of(
        Money $part,
        float $seconds,
        Consumables $uses,
        array $losses,
        ShopRules $rules,
    ): self {
        $lines = [
            new Line('part', 1, $part->toCents()),
            new Line(
                'labour',
                $seconds / 60,
                $rules->hourlyRate->times((int) round($seconds))->dividedBy(3600)->toCents(),
            ),
            new Line('tape', $uses->metres, $rules->tapeMetre->times($uses->metres)->toCents()),
            new Line('seal', $uses->seals, $rules->seal->times($uses->seals)->toCents()),
            new Line('glue', $uses->ml, $rules->glueMl->times($uses->ml)->toCents()),
            new Line('kit', $uses->kits, $rules->glassKit->times($uses->kits)->toCents()),
            new Line('sundries', 1, $rules->sundries->toCents()),
        ];
        $risks = array_map(
            static fn(Loss $l): Line => new Line(
                $l->code,
                $l->probability,
                $l->amount->times($l->probability)->toCents(),
            ),
            $losses,
        );

        return new self(array_values(array_filter($lines, static fn(Line $l): bool => !$l->amount->isZero())), $risks);
    }

    /** If all goes well. */
    public function plain(): Money
    {
        return Money::sum(...array_map(static fn(Line $l): Money => $l->amount, $this->lines));
    }

    /** With every loss weighed by its probability. */
    public function expected(): Money
    {
        return $this->plain()->plus(Money::sum(...array_map(static fn(Line $l): Money => $l->amount, $this->risks)));
    }
}
