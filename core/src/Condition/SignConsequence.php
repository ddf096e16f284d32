<?php

declare(strict_types=1);

namespace Facelift\Condition;

use Facelift\Document\Reason;

/** What a sign of an earlier repair changes: heat, seal, promise and record. Common practice, no source. */
final readonly class SignConsequence
{
    /** @return list<Reason> */
    public static function of(RepairSign $sign): array
    {
        return match ($sign) {
            RepairSign::ForeignTape => [new Reason('heat-unknown-adhesive'), new Reason('seal-not-original')],
            RepairSign::LiquidGlue => [new Reason('heat-glue-needs-more'), new Reason('seal-not-original')],
            RepairSign::LiftsEasily => [new Reason('heat-lifts-cold'), new Reason('seal-was-open')],
            RepairSign::SealMissing => [new Reason('seal-was-open'), new Reason('look-for-liquid')],
            RepairSign::MissingScrews => [new Reason('screws-missing-before')],
            RepairSign::MixedScrews => [new Reason('screws-mixed-before')],
            RepairSign::PartNotice => [new Reason('notice-before')],
        };
    }
}
