<?php

declare(strict_types=1);

namespace Facelift\Diagnosis;

use Facelift\Condition\Check;
use Facelift\Condition\Condition;
use Facelift\Condition\Observation;

/** Something seen that bears on a cause: a check's result, or an observation that says the same. */
final readonly class Evidence
{
    public function __construct(public Check $check, public string $result) {}

    /**
     * Everything that the condition says about a list of checks; a check that was made counts before an observation.
     *
     * @param list<Check> $checks
     *
     * @return list<self>
     */
    public static function in(Condition $condition, array $checks): array
    {
        $found = [];
        foreach ($checks as $check) {
            $said = $condition->resultOf($check);
            $seen = self::seen($condition, $check);
            foreach (array_unique(array_filter([$said, $seen], is_string(...))) as $result) {
                $found[] = new self($check, $result);
            }
        }

        return $found;
    }

    private static function seen(Condition $condition, Check $check): ?string
    {
        return match (true) {
            $check === Check::LookAtAngle && $condition->shows(Observation::Blotches) => 'blotches',
            $check === Check::Torch && $condition->shows(Observation::DimImage) => 'faint-picture',
            $check === Check::Ring && $condition->shows(Observation::StillRings) => 'rings',
            $check === Check::PointerTrace && $condition->shows(Observation::DeadZones) => 'gaps',
            default => null,
        };
    }
}
