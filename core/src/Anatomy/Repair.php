<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** One repair by which a phone file became what it is: what it took, and how it ended. */
final readonly class Repair
{
    /**
     * @param string                $job    its tag
     * @param string                $day    yyyy-mm-dd
     * @param array<string, Median> $steps  s that one step really took, by kind of step
     * @param int                   $easily passes of a blade that went easily
     * @param int                   $dragged passes in which it dragged
     * @param int                   $readings of a thermometer
     * @param TrialOutcome          $trial  of the new part before it was bonded
     * @param list<string>          $failed functions that failed at the last gate
     */
    public function __construct(
        public string $job,
        public string $day,
        public array $steps,
        public int $easily,
        public int $dragged,
        public int $readings,
        public TrialOutcome $trial,
        public array $failed,
    ) {}

    /** @return array<string, mixed> as a phone file holds it */
    public function toArray(): array
    {
        $steps = [];
        foreach ($this->steps as $kind => $took) {
            $steps[] = ['kind' => $kind, 'times' => $took->times, 'seconds' => $took->seconds];
        }

        return [
            'job' => $this->job,
            'day' => $this->day,
            'steps' => $steps,
            'easily' => $this->easily,
            'dragged' => $this->dragged,
            'readings' => $this->readings,
            'trial' => $this->trial->value,
            'failed' => $this->failed,
        ];
    }
}
