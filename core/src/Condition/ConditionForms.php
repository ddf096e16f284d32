<?php

declare(strict_types=1);

namespace Facelift\Condition;

/** Earlier forms of the condition as check-in kept it, brought forward. */
final readonly class ConditionForms
{
    /**
     * The first form knew cracks alone, and neither checks nor who pays.
     *
     * @param array<string, mixed> $kept
     *
     * @return array<string, mixed> in the form that `ConditionReader` reads; what is in it already comes back as it is
     */
    public function forward(array $kept): array
    {
        if (!\array_key_exists('cracks', $kept)) {
            return $kept;
        }
        $cracks = \is_array($kept['cracks']) ? array_values($kept['cracks']) : [];
        unset($kept['cracks']);
        $marks = array_map(
            static fn(mixed $crack): mixed => \is_array($crack) ? ['kind' => MarkKind::Crack->value] + $crack : $crack,
            $cracks,
        );

        return $kept + ['marks' => $marks, 'checks' => [], 'payer' => Payer::Customer->value];
    }
}
