<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

use Facelift\Anatomy\PhoneFunction;
use Facelift\Condition\Condition;
use Facelift\Condition\FunctionState;

/** That a function failed before anything was opened. Common practice, no source. */
final readonly class Before
{
    /**
     * @param list<PhoneFunction> $functions
     *
     * @return list<Suspicion> one for each
     */
    public static function of(Condition $condition, array $functions): array
    {
        return array_map(
            static fn(PhoneFunction $f): Suspicion => new Suspicion(
                FaultKind::Before,
                $f->value,
                $f->value,
                self::prior($condition->stateOf($f)),
                [$f->value => 0.97],
            ),
            $functions,
        );
    }

    private static function prior(FunctionState $state): float
    {
        return match ($state) {
            FunctionState::Works => 0.001,
            FunctionState::CannotTest => 0.06,
            FunctionState::Fails => 0.95,
        };
    }
}
