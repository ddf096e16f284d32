<?php

declare(strict_types=1);

namespace Facelift\Plan;

use Facelift\Anatomy\Phone;
use Facelift\Heat\Source;
use Facelift\Plan\Internal\Forms\FirstPlan;
use Facelift\Plan\Internal\Forms\SecondPlan;

/** Earlier forms of the plan document, brought forward one after the other. */
final readonly class PlanForms
{
    /**
     * @param Source|null $source that the plan was made with, for forms that do not hold it whole
     *
     * @return mixed the same document in the form of today; what is none is handed back as it is
     */
    public function forward(mixed $document, Phone $phone, ?Source $source = null): mixed
    {
        if (!\is_array($document) || ($document['format'] ?? null) !== PlanDocument::FORMAT) {
            return $document;
        }

        if (($document['version'] ?? null) === 1) {
            $document = (new FirstPlan($phone, $source))->forward($document);
        }

        return ($document['version'] ?? null) === 2 ? (new SecondPlan($phone))->forward($document) : $document;
    }
}
