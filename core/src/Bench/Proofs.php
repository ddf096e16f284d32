<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Proof\Fault\Sign;
use Facelift\Proof\How;

/** What was tested. */
final readonly class Proofs
{
    /**
     * @param array<string, array<string, string>> $tests  outcome by gate and function
     * @param array<string, string>                $waived reason by gate
     * @param array<string, array<string, How>>    $how    by gate and function, where it was not one by one
     * @param array<string, array<string, Sign>>   $signs  by gate and function, how what failed shows itself
     */
    public function __construct(
        public array $tests,
        public array $waived,
        public array $how = [],
        public array $signs = [],
    ) {}

    public function how(string $gate, string $function): How
    {
        return $this->how[$gate][$function] ?? How::OneByOne;
    }

    /**
     * @param list<string> $functions of the gate
     *
     * @return list<string> those without an outcome; none if the gate was waived with a reason
     */
    public function untested(string $gate, array $functions): array
    {
        return isset($this->waived[$gate])
            ? []
            : array_values(array_diff($functions, array_keys($this->tests[$gate] ?? [])));
    }
}
