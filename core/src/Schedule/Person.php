<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** Somebody with hands at the bench. */
final readonly class Person
{
    /**
     * @param list<Right>        $rights
     * @param float              $pace  how many times as fast as planned, 0.25 to 4
     * @param OpeningHours|null  $hours when here; null while the shop is open
     * @param list<array{int, int}> $away ms since 1970, from and to
     */
    public function __construct(
        public string $id,
        public array $rights = [],
        public float $pace = 1.0,
        public ?OpeningHours $hours = null,
        public array $away = [],
    ) {}

    /** @param list<Right> $needed */
    public function may(array $needed): bool
    {
        foreach ($needed as $right) {
            if (!\in_array($right, $this->rights, true)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<array{int, int}> $away ms since 1970, from and to */
    public function away(array $away): self
    {
        return new self(
            $this->id,
            $this->rights,
            $this->pace,
            $this->hours,
            $away,
        );
    }
}
