<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\AdhesiveWindow;
use Facelift\Heat\Binding;
use Facelift\Heat\Limits;
use Facelift\Heat\Session;
use Facelift\Heat\Source;

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
    private const MOST_HEATINGS = 60;

    /** @param float $room °C */
    public function plan(Phone $phone, Bond $bond, Condition $condition, Source $source, float $room = 22.0, OldPanel $old = OldPanel::Save): Opening
    {
        $start = static fn(): Session => new Session(
            $phone,
            $bond,
            $source,
            AdhesiveWindow::of($bond->adhesive, $condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh),
            Limits::of($phone->body->frame, $old),
            $room,
        );
        $passes = $bond->cut === null ? null : new Passes($phone, $bond, $bond->cut, $condition, $old);
        if ($passes !== null && $old === OldPanel::GiveUp && $bond->adhesive === AdhesiveKind::DoubleTape) {
            return $this->cold($start(), $bond, $passes);
        }
        $dry = $this->run($start(), $bond, $passes, $passes?->stretches() ?? [], null);
        if (!self::drags($bond->adhesive) || !$dry->works() || $passes === null || $passes->stretches() === []) {
            return $dry;
        }
        // Nothing wet may be heated: alcohol goes before the first stretch from which on no more heating is needed, at the latest before a last piece of the last.
        foreach ($this->rounds($passes->stretches(), $dry) as [$round, $before]) {
            $wet = $this->run($start(), $bond, $passes, $round, $before);
            if ($wet->works() && !$wet->heatsAfterAlcohol()) {
                return $wet;
            }
        }

        return $dry;
    }

    /** Tape that no safe heat frees: the panel is broken at a corner of the start edge, and the tape is cut at half the pace. */
    private function cold(Session $session, Bond $bond, Passes $passes): Opening
    {
        $moves = [$this->timed(new Move(MoveKind::BreakPanel, self::BREAK, 0, 0, $bond->cut?->start), $session)];
        foreach ($passes->stretches() as $stretch) {
            $moves[] = $this->timed($passes->pass($stretch)->slower(2.0), $session);
        }

        return self::opening($session, $bond, $moves, null);
    }

    /**
     * @param list<Stretch> $stretches
     * @param Opening       $dry       the same without alcohol: what is heated again there needs no trying
     *
     * @return iterable<array{list<Stretch>, int}> rounds, each with the index of the stretch that alcohol goes before
     */
    private function rounds(array $stretches, Opening $dry): iterable
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
            yield [[...$stretches, $last->part(0.0, $share * $last->length()), $last->part($share * $last->length(), $last->length())], \count($stretches) + 1];
        }
    }

    /**
     * @param list<Stretch> $round
     * @param int|null      $alcohol index of the stretch before which alcohol is used; null for none
     */
    private function run(Session $session, Bond $bond, ?Passes $passes, array $round, ?int $alcohol): Opening
    {
        $first = $session->heat();
        if (!$first->parts || $bond->cut === null || $passes === null) {
            return self::opening($session, $bond, [], $first->binding);
        }
        $moves = [new Move(MoveKind::Heat, $first->seconds, $first->end->bond, $first->end->battery, grips: $session->workingWindow())];
        $moves[] = $this->timed(new Move(MoveKind::FirstGap, self::FIRST_GAP, 0, 0, $bond->cut->start), $session);
        $heatings = 1;
        foreach ($round as $i => $stretch) {
            $drip = $i === $alcohol ? self::ALCOHOL : 0.0;
            for ($left = $stretch; $left !== null; $left = $rest) {
                [$pass, $rest] = [$passes->pass($left), null];
                if ($session->workingWindow() < $pass->seconds + $drip) {
                    if (++$heatings > self::MOST_HEATINGS) {
                        return self::opening($session, $bond, [], Binding::Time);
                    }
                    [$heated, $binding] = $this->reheat($session);
                    array_push($moves, ...$heated);
                    [$pass, $rest] = $passes->within($left, $session->workingWindow() - $drip);
                    if ($pass === null) {
                        return self::opening($session, $bond, [], $binding === Binding::Target ? Binding::Time : $binding);
                    }
                }
                if ($drip > 0) {
                    $moves[] = $this->timed(new Move(MoveKind::Alcohol, self::ALCOHOL, 0, 0, $pass->side), $session);
                    $drip = 0.0;
                }
                $moves[] = $this->timed($pass, $session);
            }
        }

        return self::opening($session, $bond, $moves, null);
    }

    /** @param list<Move> $moves */
    private static function opening(Session $session, Bond $bond, array $moves, ?Binding $blocked): Opening
    {
        return new Opening($bond->id, $session->window, $moves, $blocked, $session->samples(), $session->phases(), $session->limits);
    }

    /** Adhesive that holds a blade fast even when it is hot. */
    private static function drags(AdhesiveKind $adhesive): bool
    {
        return $adhesive === AdhesiveKind::StrongGlue || $adhesive === AdhesiveKind::DoubleTape;
    }

    /** @return array{list<Move>, Binding} */
    private function reheat(Session $session): array
    {
        $moves = [];
        $heating = $session->heat();
        if (!$heating->parts) {
            $seconds = $session->rest(self::REST_BATTERY);
            $moves[] = new Move(MoveKind::Cool, $seconds, $session->now()->bond, $session->now()->battery);
            $heating = $session->heat();
        }
        $moves[] = new Move(MoveKind::Reheat, $heating->seconds, $heating->end->bond, $heating->end->battery, grips: $session->workingWindow());

        return [$moves, $heating->binding];
    }

    private function timed(Move $move, Session $session): Move
    {
        $session->cut($move->seconds);
        $now = $session->now();

        return $move->at($now->bond, $now->battery, $session->workingWindow());
    }
}
