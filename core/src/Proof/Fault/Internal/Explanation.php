<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault\Internal;

use Facelift\Proof\Fault\Look;
use Facelift\Proof\Fault\LookSeen;
use Facelift\Proof\Fault\Suspicion;
use Facelift\Proof\Fault\TestSeen;

/**
 * One set of faults that are there together, all others of its list not.
 *
 * @internal
 */
final readonly class Explanation
{
    /** @param list<Suspicion> $there */
    public function __construct(public array $there) {}

    /** Likelihood of a failing test: one of them, or something on no list, makes it fail so (noisy or). */
    public function fails(TestSeen $test): float
    {
        $none = 1.0 - $test->failsElsewhere();
        foreach ($this->there as $suspicion) {
            $none *= 1.0 - $test->failsBy($suspicion);
        }

        return 1.0 - $none;
    }

    /** Likelihood of what a look showed. */
    public function shows(LookSeen $seen): float
    {
        return $seen->look->likelihood($seen->found, $this->isSeenBy($seen->look, $seen->subject));
    }

    /** True if a look at a place shows one of its faults, as far as it shows them. */
    public function isSeenBy(Look $look, string $subject): bool
    {
        return array_filter($this->there, static fn(Suspicion $s): bool => $s->isAbout($look, $subject)) !== [];
    }
}
