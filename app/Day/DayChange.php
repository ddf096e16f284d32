<?php

declare(strict_types=1);

namespace App\Day;

use Facelift\Schedule\Load;

/** What somebody wants to change about the day; what follows is looked at first. */
final readonly class DayChange
{
    /**
     * @param string|null $job  whose place or promise is changed
     * @param int|null    $at   ms since 1970: when its next work is asked to begin; null if whenever it can
     * @param bool        $firm its promise stands before others
     * @param Away|null   $away somebody leaves
     * @param string|null $back id of an absence that is over
     */
    private function __construct(
        public ?string $job,
        public ?int $at,
        public bool $firm,
        public ?Away $away,
        public ?string $back,
    ) {}

    public static function ofJob(string $job, ?int $at, bool $firm): self
    {
        return new self(
            $job,
            $at,
            $firm,
            null,
            null,
        );
    }

    public static function leaves(Away $away): self
    {
        return new self(
            null,
            null,
            false,
            $away,
            null,
        );
    }

    public static function comesBack(string $absence): self
    {
        return new self(
            null,
            null,
            false,
            null,
            $absence,
        );
    }

    public function of(Load $load): Load
    {
        return $load->id === $this->job
            ? $load->pinned($this->at)->weighing($this->firm ? Accepted::FIRM : 1)
            : $load;
    }
}
