<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Apart;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Place;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * What was made wet is dry before heat comes near it.
 *
 * @internal
 */
final readonly class Drying
{
    /** Seconds that alcohol needs until one can look (common practice, no source). */
    public const WAIT = 60.0;

    public function __construct(private Site $site, private string $subject, private Face $face) {}

    /**
     * @param list<string>|null $after
     *
     * @return list<string>|null as given if nothing is wet
     */
    public function everywhere(?array $after): ?array
    {
        foreach ($this->site->steps->wet() as $place) {
            $step = self::step($place, $this->subject, $this->face)->because(new Reason('dry-before-heat'));
            $after = [...($after ?? []), $this->site->apart($step, $after)];
        }

        return $after;
    }

    public static function step(Place $place, string $subject, Face $face): Step
    {
        return Step::of(StepKind::ConfirmDry, $face, $subject)
            ->saying(['place' => $place->value])
            ->taking(5.0, self::WAIT)
            ->minding(Hazard::NoFlameIpa)
            ->leaving(Effects::none()->drying($place));
    }
}
