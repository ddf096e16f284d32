<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\WhenLifted;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;

/**
 * Parts that nothing holds but the screen over them: kept when it is lifted, laid in place before the new one goes on,
 * and looked at once more before that is pressed.
 *
 * @internal
 */
final readonly class LooseParts
{
    public function __construct(private Site $site) {}

    /** @return list<Step> */
    public function kept(): array
    {
        return array_map(
            static fn(Part $p): Step => Step::of(StepKind::KeepLoose, $p->face, $p->id)
                ->saying(['name' => $p->name])
                ->with($p->handling->tool)
                ->taking($p->handling->seconds)
                ->because(new Reason('falls-out-else'))
                ->leaving(Effects::none()->lifting($p->id)),
            $this->parts(WhenLifted::Loose),
        );
    }

    /** @return list<Step> */
    public function placed(): array
    {
        return array_map(
            static fn(Part $p): Step => Step::of(StepKind::PlaceLoose, $p->face, $p->id)
                ->saying(['name' => $p->name])
                ->with($p->handling->tool)
                ->taking($p->handling->seconds + 10.0)
                ->because(new Reason('lies-in-place-before'))
                ->leaving(Effects::none()->fitting($p->id)),
            $this->parts(WhenLifted::Loose),
        );
    }

    /** @return list<Step> */
    public function lookedAtAgain(): array
    {
        return array_map(
            static fn(Part $p): Step => Step::of(StepKind::CheckLoose, $p->face, $p->id)
                ->saying(['name' => $p->name])
                ->taking(8.0)
                ->minding(...($p->kind === PartKind::HomeKey ? [Hazard::BrokenGlass] : []))
                ->because(new Reason($p->kind === PartKind::HomeKey ? 'crooked-key-cracks' : 'shifts-when-set-in')),
            $this->parts(WhenLifted::Loose),
        );
    }

    /** @return list<Step> what sticks to the frame by chance and must not stay */
    public function takenOff(): array
    {
        return array_map(
            static fn(Part $p): Step => Step::of(StepKind::RemoveLeft, $p->face, $p->id)
                ->saying(['name' => $p->name])
                ->with($p->handling->tool)
                ->taking($p->handling->seconds)
                ->because(new Reason('must-not-stay')),
            $this->parts(WhenLifted::ComesAway),
        );
    }

    /** @return list<Part> of the phone that stays, that the route does not take out anyway */
    private function parts(WhenLifted $how): array
    {
        $taken = [...$this->site->route->ids(), ...$this->site->route->discarded];

        return array_values(array_filter(
            $this->site->phone->parts,
            fn(Part $p): bool => $p->whenLifted === $how
                && !\in_array($p->id, $taken, true)
                && !\in_array($p->carriedBy, $this->site->route->discarded, true),
        ));
    }
}
