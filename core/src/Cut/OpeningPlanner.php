<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Fit\OldPanel;
use Facelift\Geometry\Side;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\Carried;
use Facelift\Heat\HeatingEnd;
use Facelift\Heat\Lanes;
use Facelift\Heat\Limits;
use Facelift\Heat\Session;
use Facelift\Heat\Stack;

/** Divides the edge into passes that fit into the time before the bond grips again, with reheats between. */
final readonly class OpeningPlanner
{
    /** Seconds from lifting off the plate to a pick in the first gap (common practice, no source). */
    private const FIRST_GAP = 30.0;
    /** Seconds to drip alcohol beside the blade and let it creep in (common practice, no source). */
    private const ALCOHOL = 15.0;
    /** The battery cools to this before a further heating that would stop at once, °C (common practice, no source). */
    private const REST_BATTERY = 45.0;
    /** Seconds to break a panel at a corner and pull it off (common practice, no source). */
    private const BREAK = 180.0;
    private const MOST_HEATINGS = 30;

    /**
     * The bond has to be one that is warmed.
     *
     * @param Carried|null $before what the phone carries with it from what was heated before; null for a cold phone
     * @param float        $rested s that it has lain since then, zero or more
     */
    public function plan(
        Phone $phone,
        Bond $bond,
        Condition $condition,
        HeatBy $heat,
        ?Carried $before = null,
        float $rested = 0.0,
    ): EdgeOpening {
        $before ??= Carried::nothing($heat->room);
        $state = $heat->state ?? ($condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh);
        $start = static function () use ($phone, $bond, $heat, $before, $rested, $state): Session {
            $lanes = new Lanes(Stack::edgeOf($phone, $bond), Stack::centreOf($phone, $bond), $before);
            $lanes->advance($rested);

            return new Session(
                $lanes,
                $before,
                $heat->source,
                AdhesiveWindow::of($bond->adhesive, $state),
                Limits::of($phone->body->frame, $heat->old),
            );
        };
        if ($bond->cut === null) {
            return $this->run(
                $start(),
                $bond,
                null,
                [],
                null,
            );
        }
        $passes = new Passes(
            $phone,
            $bond,
            $bond->cut,
            $condition,
            $heat->old,
        );
        if ($heat->old === OldPanel::GiveUp && $bond->adhesive === AdhesiveKind::DoubleTape) {
            return $this->cold($start(), $bond, $bond->cut->start, $passes);
        }

        return $this->warm($start, $bond, $passes, $heat->alcohol);
    }

    /** @param \Closure(): Session $start from the phone as it comes to this bond */
    private function warm(\Closure $start, Bond $bond, Passes $passes, bool $alcohol): EdgeOpening
    {
        $dry = $this->run(
            $start(),
            $bond,
            $passes,
            $passes->stretches(),
            null,
        );
        if (!$alcohol || !self::drags($bond->adhesive) || !$dry->works() || $passes->stretches() === []) {
            return $dry;
        }
        // Nothing wet may be heated: alcohol goes before the first stretch from which on no more heating is needed,
        // at the latest before a last piece of the last.
        foreach ($this->rounds($passes->stretches(), $dry) as [$round, $before]) {
            $wet = $this->run(
                $start(),
                $bond,
                $passes,
                $round,
                $before,
            );
            if ($wet->works() && !$wet->heatsAfterAlcohol()) {
                return $wet;
            }
        }

        return $dry;
    }

    /**
     * Tape that no safe heat frees: the panel is broken at a corner of the start edge, and the tape is cut at half
     * the pace.
     */
    private function cold(Session $session, Bond $bond, Side $start, Passes $passes): EdgeOpening
    {
        $moves = [new BreakPanel(self::BREAK, $this->after(self::BREAK, $session), $start)];
        foreach ($passes->stretches() as $stretch) {
            $moves[] = $this->pass($passes->stroke($stretch)->slower(2.0), $session);
        }

        return self::opening($session, $bond, $moves, null);
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

    /**
     * @param list<Stretch> $round
     * @param int|null      $alcohol index of the stretch before which alcohol is used; null for none
     */
    private function run(
        Session $session,
        Bond $bond,
        ?Passes $passes,
        array $round,
        ?int $alcohol,
    ): EdgeOpening {
        [$moves, $first] = $this->heated($session, false);
        if (!$first->parts || $bond->cut === null || $passes === null) {
            return self::opening($session, $bond, [], $first->binding);
        }
        $moves[] = new FirstGap(self::FIRST_GAP, $this->after(self::FIRST_GAP, $session), $bond->cut->start);
        $heatings = 1;
        $heated = $session->covers();
        foreach ($round as $i => $stretch) {
            $drip = $i === $alcohol ? self::ALCOHOL : 0.0;
            for ($left = $stretch; $left !== null; $left = $passes->behind($left, $stroke->way->stretch)) {
                $reached = $heated >= Passes::SHORTEST;
                $heated = $reached ? $heated : $session->covers();
                $piece = $passes->upTo($left, $heated);
                $stroke = $passes->stroke($piece);
                if (!$reached || $session->workingWindow() < $stroke->seconds + $drip) {
                    if (++$heatings > self::MOST_HEATINGS) {
                        return self::opening($session, $bond, [], Binding::Time);
                    }
                    [$again, $end] = $reached ? $this->heated($session, true) : $this->elsewhere($session);
                    array_push($moves, ...$again);
                    $stroke = $passes->within($piece, $session->workingWindow() - $drip);
                    if ($stroke === null) {
                        return self::opening($session, $bond, [], self::bound($end));
                    }
                }
                if ($drip > 0) {
                    $moves[] = new Alcohol($drip, $this->after($drip, $session), $stretch->side);
                    $drip = 0.0;
                }
                $moves[] = $this->pass($stroke, $session);
                $heated -= $stroke->way->stretch->length();
            }
        }

        return self::opening($session, $bond, $moves, null);
    }

    /** @param list<Move> $moves */
    private static function opening(Session $session, Bond $bond, array $moves, ?Binding $blocked): EdgeOpening
    {
        return new EdgeOpening(
            $bond->id,
            $session->window,
            $moves,
            $blocked,
            $session->samples(),
            $session->phases(),
            $session->limits,
            $session->leaves(),
        );
    }

    /** Adhesive that holds a blade fast even when it is hot. */
    private static function drags(AdhesiveKind $adhesive): bool
    {
        return $adhesive === AdhesiveKind::StrongGlue || $adhesive === AdhesiveKind::DoubleTape;
    }

    /**
     * On the source; after a rest if the battery is too warm from before to heat the bond long enough.
     *
     * @param bool $again true for one more heating of this bond
     *
     * @return array{list<Move>, HeatingEnd}
     */
    private function heated(Session $session, bool $again): array
    {
        // Warm from another bond, it would have no room left to heat this one.
        $moves = !$again && $session->now()->battery > self::REST_BATTERY ? [$this->rested($session)] : [];
        $heating = $session->heat();
        if ($again && !$heating->parts) {
            $moves[] = $this->rested($session);
            $heating = $session->heat();
        }
        $at = $this->end($session);
        $moves[] = $again ? Heating::again($heating->seconds, $at) : Heating::first($heating->seconds, $at);

        return [$moves, $heating];
    }

    /**
     * The source goes on to the next stretch of the edge, which is cold yet.
     *
     * @return array{list<Move>, HeatingEnd}
     */
    private function elsewhere(Session $session): array
    {
        $session->elsewhere();
        $moves = $session->now()->battery > self::REST_BATTERY ? [$this->rested($session)] : [];
        $heating = $session->heat();
        $moves[] = Heating::elsewhere($heating->seconds, $this->end($session));

        return [$moves, $heating];
    }

    private static function bound(HeatingEnd $end): Binding
    {
        return $end->binding === Binding::Target ? Binding::Time : $end->binding;
    }

    private function rested(Session $session): Cooling
    {
        return new Cooling($session->rest(self::REST_BATTERY), $this->end($session, 0.0));
    }

    private function pass(Stroke $stroke, Session $session): Pass
    {
        return new Pass($stroke->way, $stroke->seconds, $this->after($stroke->seconds, $session));
    }

    private function after(float $seconds, Session $session): AtEnd
    {
        $session->cut($seconds);

        return $this->end($session);
    }

    private function end(Session $session, ?float $grips = null): AtEnd
    {
        return new AtEnd($session->now()->bond, $session->now()->battery, $grips ?? $session->workingWindow());
    }
}
