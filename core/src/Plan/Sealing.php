<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Cut\EdgeOpening;
use Facelift\Seal\SealPlan;

/** The bonds that are cut round in a job: how each is opened, and how it is made again. */
final readonly class Sealing
{
    /**
     * @param array<string, EdgeOpening> $openings by bond, in the order of cutting
     * @param array<string, SealPlan>    $seals    of the same bonds
     */
    public function __construct(public array $openings, public array $seals) {}
}
