<?php

declare(strict_types=1);

namespace Facelift\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/**
 * An amount in the shop's one currency, an exact fraction; nothing is rounded until `toCents()` or `roundedUpTo()` is
 * asked for.
 */
final readonly class Money implements \Stringable
{
    private function __construct(private BigRational $amount) {}

    /**
     * @param string|int $amount decimal text such as `12.50`; never a float, which cannot hold a tenth
     *
     * @throws NotAnAmount If the text is not a decimal number.
     */
    public static function of(string|int $amount): self
    {
        try {
            return new self(BigDecimal::of($amount)->toBigRational());
        } catch (MathException) {
            throw NotAnAmount::text((string) $amount);
        }
    }

    public static function zero(): self
    {
        return new self(BigRational::zero());
    }

    public static function sum(self ...$amounts): self
    {
        return array_reduce($amounts, static fn(self $sum, self $m): self => $sum->plus($m), self::zero());
    }

    public function plus(self $other): self
    {
        return new self($this->amount->plus($other->amount));
    }

    public function minus(self $other): self
    {
        return new self($this->amount->minus($other->amount));
    }

    /**
     * @param string|int|float $factor a float (metres, minutes, a risk) is taken to nine significant decimals
     */
    public function times(string|int|float $factor): self
    {
        return new self($this->amount->multipliedBy(self::exact($factor)));
    }

    /**
     * The exact quotient.
     *
     * @throws NotAnAmount If the divisor is zero.
     */
    public function dividedBy(string|int|float $divisor): self
    {
        $by = self::exact($divisor);
        if ($by->isZero()) {
            throw NotAnAmount::dividedByZero();
        }

        return new self($this->amount->dividedBy($by));
    }

    /**
     * How many times the other amount goes into this one, to ten decimals.
     *
     * @throws NotAnAmount If the other amount is zero.
     */
    public function ratioTo(self $other): float
    {
        if ($other->amount->isZero()) {
            throw NotAnAmount::dividedByZero();
        }

        return $this->amount->dividedBy($other->amount)->toScale(10, RoundingMode::HALF_UP)->toFloat();
    }

    /** Rounded half up to whole cents. */
    public function toCents(): self
    {
        return new self($this->amount->toScale(2, RoundingMode::HALF_UP)->toBigRational());
    }

    /**
     * The next whole multiple of a step, upwards: a price never falls below what was computed.
     *
     * @throws NotAnAmount If the step is not more than zero.
     */
    public function roundedUpTo(self $step): self
    {
        if (!$step->amount->isPositive()) {
            throw NotAnAmount::step((string) $step);
        }
        $times = $this->amount->dividedBy($step->amount)->toScale(0, RoundingMode::CEILING);

        return (new self($step->amount->multipliedBy($times)))->toCents();
    }

    public function isLessThan(self $other): bool
    {
        return $this->amount->isLessThan($other->amount);
    }

    public function equals(self $other): bool
    {
        return $this->amount->isEqualTo($other->amount);
    }

    public function isNegative(): bool
    {
        return $this->amount->isNegative();
    }

    public function isZero(): bool
    {
        return $this->amount->isZero();
    }

    public static function larger(self $a, self $b): self
    {
        return $a->isLessThan($b) ? $b : $a;
    }

    public static function smaller(self $a, self $b): self
    {
        return $a->isLessThan($b) ? $a : $b;
    }

    /** Two decimals, as it is printed. */
    public function __toString(): string
    {
        return (string) $this->amount->toScale(2, RoundingMode::HALF_UP);
    }

    private static function exact(string|int|float $factor): BigRational
    {
        try {
            return BigRational::of(\is_float($factor) ? number_format($factor, 9, '.', '') : $factor);
        } catch (MathException) {
            throw NotAnAmount::text((string) $factor);
        }
    }
}
