<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Cut\Internal\Opened;
use Facelift\Cut\Internal\Worked;
use Facelift\Fit\OldPanel;
use Facelift\Geometry\Side;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\CarriedOver;
use Facelift\Heat\Limits;
use Facelift\Heat\Session;

/** Divides the edge into passes that are likely to be through before the bond grips again, with reheats between. */
final readonly class OpeningPlanner
{
    /** Seconds to break a panel at a corner and pull it off (common practice, no source). */
    private const BREAK = 180.0;

    /**
     * The bond has to be one that is warmed.
     *
     * @param CarriedOver|null $before what the phone carries with it from what was heated before; null for a cold one
     * @param float            $rested s that it has lain since then, zero or more
     */
    public function plan(
        Phone $phone,
        Bond $bond,
        Condition $condition,
        HeatBy $heat,
        ?CarriedOver $before = null,
        float $rested = 0.0,
    ): EdgeOpening {
        $start = static fn(): Session => self::session(
            $phone,
            $bond,
            $condition,
            $heat,
            $before,
            $rested,
        );
        $passes = $bond->cut === null
            ? null
            : new Passes(
                $phone,
                $bond,
                $bond->cut,
                $condition,
                $heat->old,
            );
        if ($bond->cut === null || $passes === null) {
            return (new Opened($bond, $start()))->heatedOnly();
        }
        if ($heat->old === OldPanel::GiveUp && $bond->adhesive === AdhesiveKind::DoubleTape) {
            return $this->cold($start(), $bond, $bond->cut->start, $passes);
        }

        return $this->warm($start, $bond, $passes, $heat);
    }

    /**
     * The rest of an edge, from where the phone is: the bond holds the blade, so it is heated first.
     *
     * @param Session       $session as warm as it is now
     * @param list<Stretch> $left    that are not cut yet, in the order of the blade; at least one
     */
    public function rest(
        Phone $phone,
        Bond $bond,
        Condition $condition,
        HeatBy $heat,
        Session $session,
        array $left,
    ): EdgeOpening {
        $cut = $bond->cut ?? throw new \LogicException('a bond that no blade goes round');
        $passes = new Passes(
            $phone,
            $bond,
            $cut,
            $condition,
            $heat->old,
        );

        return (new Worked($bond, $passes, $heat, $session))->again($left);
    }

    private static function session(
        Phone $phone,
        Bond $bond,
        Condition $condition,
        HeatBy $heat,
        ?CarriedOver $before,
        float $rested,
    ): Session {
        $state = $heat->state ?? ($condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh);

        return Session::of(
            $phone,
            $bond,
            $heat->source,
            $state,
            Limits::of($phone->body->frame, $heat->old),
            $heat->room,
            $before,
            $rested,
            $heat->windows?->of($bond->adhesive, $state),
        );
    }

    /** @param \Closure(): Session $start from the phone as it comes to this bond */
    private function warm(\Closure $start, Bond $bond, Passes $passes, HeatBy $heat): EdgeOpening
    {
        $dry = (new Worked($bond, $passes, $heat, $start()))->along($passes->stretches(), null);
        $drags = self::drags($bond->adhesive) && !$heat->approach->held;
        if (!$heat->alcohol || !$drags || !$dry->works() || $passes->stretches() === []) {
            return $dry;
        }
        // Nothing wet may be heated: alcohol goes before the first stretch from which on no more heating is needed,
        // at the latest before a last piece of the last.
        foreach ($this->rounds($passes->stretches(), $dry) as [$round, $before]) {
            $wet = (new Worked($bond, $passes, $heat, $start()))->along($round, $before);
            if ($wet->works() && !$wet->heatsAfterAlcohol()) {
                return $wet;
            }
        }

        return $dry;
    }

    /**
     * Tape that no safe heat frees: the panel is broken at a corner of the start edge, and the tape is torn through.
     */
    private function cold(Session $session, Bond $bond, Side $start, Passes $passes): EdgeOpening
    {
        $opened = new Opened($bond, $session);
        $opened->tears(self::BREAK, $start);
        foreach ($passes->stretches() as $stretch) {
            $opened->torn($passes->way($stretch, $session->pace->torn()), $passes->effort($stretch));
        }

        return $opened->result(null);
    }

    /**
     * @param list<Stretch> $stretches
     * @param EdgeOpening   $dry       the same without alcohol: what is heated again there needs no trying
     *
     * @return iterable<array{list<Stretch>, int}> rounds, each with the index of the stretch that alcohol goes before
     */
    private function rounds(array $stretches, EdgeOpening $dry): iterable
    {
        $warm = $dry->cutSinceLastHeating();
        foreach ($stretches as $i => $stretch) {
            if (\in_array($stretch->id, $warm, true)) {
                yield [$stretches, $i];
            }
        }
        $last = array_pop($stretches);
        if ($last === null) {
            return;
        }
        foreach ([0.5, 0.7, 0.9] as $share) {
            $at = $share * $last->length();
            yield [[...$stretches, $last->part(0.0, $at), $last->part($at, $last->length())], \count($stretches) + 1];
        }
    }

    /** Adhesive that holds a blade fast even when it is hot. */
    private static function drags(AdhesiveKind $adhesive): bool
    {
        return $adhesive === AdhesiveKind::StrongGlue || $adhesive === AdhesiveKind::DoubleTape;
    }
}
