<?php

declare(strict_types=1);

namespace Facelift\Cut;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\CutEdge;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Stretch;
use Facelift\Condition\Condition;
use Facelift\Geometry\RoundedRectangle;
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
    /** Seconds to place a pick and turn to the next stretch (common practice, no source). */
    private const PICK = 5.0;
    /** The battery cools to this before a further heating that would stop at once, °C (common practice, no source). */
    private const REST_BATTERY = 45.0;
    private const MOST_HEATINGS = 12;

    public function __construct(private Limits $limits = new Limits()) {}

    /** @param float $room °C */
    public function plan(Phone $phone, Bond $bond, Condition $condition, Source $source, float $room = 22.0): Opening
    {
        $state = $condition->bondIsForeign() ? AdhesiveState::Foreign : AdhesiveState::Fresh;
        $session = new Session($phone, $bond, $source, AdhesiveWindow::of($bond->adhesive, $state), $this->limits, $room);
        $first = $session->heat();
        if (!$first->parts || $bond->cut === null) {
            return new Opening($bond->id, $session->window, [], $first->binding, $session->samples(), $session->phases());
        }
        $moves = [new Move(MoveKind::Heat, $first->seconds, $first->end->bond, $first->end->battery, grips: $session->workingWindow())];
        $moves[] = $this->timed(new Move(MoveKind::FirstGap, self::FIRST_GAP, 0, 0, $bond->cut->start), $session);
        $heatings = 1;
        foreach ($this->passes($phone, $bond, $bond->cut, $condition) as $pass) {
            while ($session->workingWindow() < $pass->seconds) {
                if (++$heatings > self::MOST_HEATINGS) {
                    return new Opening($bond->id, $session->window, [], Binding::Battery, $session->samples(), $session->phases());
                }
                array_push($moves, ...$this->reheat($session));
            }
            $moves[] = $this->timed($pass, $session);
        }

        return new Opening($bond->id, $session->window, $moves, null, $session->samples(), $session->phases());
    }

    /** @return list<Move> */
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

        return $moves;
    }

    private function timed(Move $move, Session $session): Move
    {
        $session->cut($move->seconds);
        $now = $session->now();

        return new Move($move->kind, $move->seconds, $now->bond, $now->battery, $move->side, $move->stretch, $move->from, $move->to, $move->depth, $move->pace, $move->crazed, $move->behind, $session->workingWindow(), $move->length);
    }

    /** @return list<Move> one per stretch that may be cut, in the order of the file from the start side on */
    private function passes(Phone $phone, Bond $bond, CutEdge $cut, Condition $condition): array
    {
        $allowed = array_values(array_filter($cut->stretches, static fn(Stretch $s): bool => !$s->forbidden));
        $first = 0;
        foreach ($allowed as $i => $stretch) {
            if ($stretch->side === $cut->start) {
                $first = $i;
                break;
            }
        }
        $ordered = [...\array_slice($allowed, $first), ...\array_slice($allowed, 0, $first)];

        return array_map(fn(Stretch $s): Move => $this->pass($phone, $bond, $s, $condition), $ordered);
    }

    private function pass(Phone $phone, Bond $bond, Stretch $stretch, Condition $condition): Move
    {
        $glass = $phone->body->glass;
        $crazed = $condition->crazedAlong($glass, $bond->face, $stretch->side, $stretch->from, $stretch->to);
        $pace = self::pace($bond->adhesive, $crazed);
        $corner = self::cornerShare($glass, $stretch) * $glass->corner();
        $straight = max(0.0, $stretch->length() - 2 * $glass->radius * self::cornerShare($glass, $stretch));
        $seconds = $straight / $pace + $corner / ($pace / 2) + self::PICK;

        return new Move(MoveKind::Pass, $seconds, 0, 0, $stretch->side, $stretch->id, $stretch->from, $stretch->to, $stretch->depth, $pace, $crazed, $stretch->behind, length: $straight + $corner);
    }

    /** mm/s along straight edge; corners at half, crazed glass at half (engineering estimates from practice, no source). */
    private static function pace(AdhesiveKind $adhesive, bool $crazed): float
    {
        $pace = match ($adhesive) {
            AdhesiveKind::StrongGlue, AdhesiveKind::DoubleTape => 1.5,
            default => 3.0,
        };

        return $crazed ? $pace / 2 : $pace;
    }

    /** Share of two corner radii that a stretch runs over, 0 to 1; half of each corner's arc belongs to either side. */
    private static function cornerShare(RoundedRectangle $glass, Stretch $stretch): float
    {
        $r = $glass->radius;
        $end = $glass->length($stretch->side);
        $over = max(0.0, min($r, $stretch->to) - min($r, $stretch->from)) + max(0.0, max($stretch->to, $end - $r) - max($stretch->from, $end - $r));

        return $r > 0 ? min(1.0, $over / (2 * $r)) : 0.0;
    }
}
