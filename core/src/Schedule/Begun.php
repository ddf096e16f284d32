<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** Something of a phone is under way: nothing moves it. */
final readonly class Begun
{
    /**
     * @param string|null    $person    who has it in hand and goes on with it; null if only its clock runs
     * @param int            $from      ms since 1970 at which it can be gone on with: now, or when its clock has run
     * @param Equipment|null $equipment held until then
     */
    public function __construct(public ?string $person, public int $from, public ?Equipment $equipment = null) {}
}
