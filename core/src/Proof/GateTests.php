<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Anatomy\PhoneFunction;

/** The functions to test at one gate. */
final readonly class GateTests
{
    /** @param list<PhoneFunction> $functions */
    public function __construct(public Gate $gate, public array $functions) {}
}
