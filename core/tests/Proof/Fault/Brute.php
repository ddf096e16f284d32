<?php

declare(strict_types=1);

namespace Facelift\Tests\Proof\Fault;

use Facelift\Proof\Fault\LookSeen;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Proof\Fault\TestSeen;

/** Every state of every suspicion written down and summed by the definition: slow, and without any shortcut. */
final class Brute
{
    /** @var list<float> joint probability of each state with everything seen; bit i says that suspicion i is there */
    private array $joint = [];

    /**
     * @param list<Suspicion> $suspicions
     * @param list<TestSeen>  $tests
     * @param list<LookSeen>  $looks
     */
    public function __construct(private readonly array $suspicions, array $tests, array $looks)
    {
        for ($state = 0; $state < 1 << \count($suspicions); ++$state) {
            $p = 1.0;
            foreach ($suspicions as $i => $s) {
                $p *= $this->has($state, $i) ? $s->prior : 1 - $s->prior;
            }
            foreach ($tests as $test) {
                $works = $test->passes ? 1.0 : 1.0 - $test->failsElsewhere();
                foreach ($suspicions as $i => $s) {
                    $works *= $this->has($state, $i) ? 1 - $test->failsBy($s) : 1.0;
                }
                $p *= $test->passes ? $works : 1 - $works;
            }
            foreach ($looks as $look) {
                $p *= $this->looks($state, $look);
            }
            $this->joint[] = $p;
        }
    }

    public function marginal(int $i): float
    {
        $there = 0.0;
        foreach ($this->joint as $state => $p) {
            $there += $this->has($state, $i) ? $p : 0.0;
        }

        return $there / array_sum($this->joint);
    }

    /** Probability that nothing that reaches a failing test is there. */
    public function elsewhere(TestSeen $test): float
    {
        $none = 0.0;
        foreach ($this->joint as $state => $p) {
            $reached = false;
            foreach ($this->suspicions as $i => $s) {
                $reached = $reached || ($this->has($state, $i) && $test->failsBy($s) > 0);
            }
            $none += $reached ? 0.0 : $p;
        }

        return $none / array_sum($this->joint);
    }

    /** Mutual information of a look and the state: H(result) less H(result given the state), bits. */
    public function information(Suspicion $about): float
    {
        $look = $about->kind->look();
        if ($look === null) {
            return 0.0;
        }
        $all = array_sum($this->joint);
        $found = $noise = 0.0;
        foreach ($this->joint as $state => $p) {
            $yes = $this->looks($state, new LookSeen($look, $about->subject, true));
            $found += $p / $all * $yes;
            $noise += $p / $all * self::coin($yes);
        }

        return self::coin($found) - $noise;
    }

    private static function coin(float $p): float
    {
        return $p <= 0.0 || $p >= 1.0 ? 0.0 : -$p * log($p, 2) - (1 - $p) * log(1 - $p, 2);
    }

    private function has(int $state, int $i): bool
    {
        return ($state >> $i & 1) === 1;
    }

    private function looks(int $state, LookSeen $seen): float
    {
        $there = false;
        foreach ($this->suspicions as $i => $s) {
            $there = $there || ($this->has($state, $i) && $s->isAbout($seen->look, $seen->subject));
        }
        $yes = $there ? $seen->look->finds() : $seen->look->misleads();

        return $seen->found ? $yes : 1 - $yes;
    }
}
