<?php

declare(strict_types=1);

namespace Facelift\Schedule\JobShop;

/**
 * Operations of a job shop by number, and what hangs on what: before and after in the job, and on the machine by the
 * order that was chosen.
 */
final class Operations
{
    /** @var array<int, int> */
    public array $time = [];
    /** @var array<int, int> */
    public array $machine = [];
    /** @var array<int, int> the one before in its job, -1 for none */
    public array $jobBefore = [];
    /** @var array<int, int> */
    public array $jobAfter = [];
    /** @var array<int, list<int>> operations by machine */
    public array $on = [];

    public function __construct(Shop $shop)
    {
        foreach ($shop->jobs as $job) {
            $last = \count($job) - 1;
            foreach ($job as $i => [$machine, $time]) {
                $op = \count($this->time);
                $this->time[] = $time;
                $this->machine[] = $machine;
                $this->jobBefore[] = $i === 0 ? -1 : $op - 1;
                $this->jobAfter[] = $i === $last ? -1 : $op + 1;
                $this->on[$machine][] = $op;
            }
        }
    }

    /** @return array{array<int, int>, array<int, int>} what lies before each in its job; from it to the job's end */
    public function headsAndTails(): array
    {
        $heads = $tails = [];
        foreach (array_keys($this->time) as $op) {
            $before = $this->jobBefore[$op];
            $heads[$op] = $before === -1 ? 0 : $heads[$before] + $this->time[$before];
        }
        foreach (array_reverse(array_keys($this->time)) as $op) {
            $after = $this->jobAfter[$op];
            $tails[$op] = $this->time[$op] + ($after === -1 ? 0 : $tails[$after]);
        }

        return [$heads, $tails];
    }
}
