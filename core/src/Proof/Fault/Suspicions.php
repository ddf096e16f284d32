<?php

declare(strict_types=1);

namespace Facelift\Proof\Fault;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Connector;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Fastener;
use Facelift\Anatomy\IfCovered;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Part;
use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneFunction as F;
use Facelift\Route\Route;
use Facelift\Seal\SealPlan;

/**
 * Everything that a route can leave wrong on a phone, each with how often. All rates: common practice, no source; the
 * shop's record is to replace them.
 */
final readonly class Suspicions
{
    private const SEATED_WRONG = [
        ConnectorKind::BoardToBoard->value => 0.015,
        ConnectorKind::Zif->value => 0.02,
        ConnectorKind::Coax->value => 0.03,
        ConnectorKind::Spring->value => 0.015,
    ];
    /** Share of a part's faults that take all its functions. */
    private const WHOLE = 0.4;
    /** Things that a part which was out has to lie in exactly. */
    private const IN_A_SEAT = [
        PartKind::FrontCamera,
        PartKind::SensorHolder,
        PartKind::EarpieceSensorFlex,
        PartKind::Earpiece,
        PartKind::FingerprintReader,
        PartKind::HomeKey,
        PartKind::RearCamera,
    ];

    /** @param array<string, SealPlan> $seals of the bonds that are made again */
    public function __construct(private Phone $phone, private Route $route, private array $seals) {}

    /** @return list<Suspicion> in the order of the route */
    public function all(): array
    {
        $found = [];
        foreach ($this->route->ids() as $id) {
            $connector = $this->phone->connectors[$id] ?? null;
            if ($connector !== null) {
                $found[] = $this->plug($connector);
            }
        }
        foreach ($this->phone->parts as $part) {
            array_push($found, ...$this->ofPart($part));
        }

        return [...$found, ...$this->glass(), ...$this->screws()];
    }

    private function plug(Connector $plug): Suspicion
    {
        $part = $this->phone->parts[$plug->joins[0]];
        $own = $plug->functions === [] ? $part->functions : $plug->functions;
        $kind = $plug->kind === ConnectorKind::Spring ? FaultKind::SpringsOff : FaultKind::PlugOff;

        return new Suspicion(
            $kind,
            $plug->id,
            $plug->name,
            $plug->power ? 0.004 : self::SEATED_WRONG[$plug->kind->value],
            // Without it nothing comes on: what needs a phone that is on cannot be tested, and does not fail.
            $plug->power ? self::each([F::Image, F::Vibration, F::Charging], 0.97) : self::each($own, 0.9),
        );
    }

    /** @return list<Suspicion> */
    private function ofPart(Part $part): array
    {
        if ($part->functions === []) {
            return [];
        }
        $discarded = \in_array($part->id, $this->route->discarded, true);
        $out = \in_array($part->id, $this->route->moved, true) || \in_array($part->id, $this->route->ids(), true);
        $say = static fn(FaultKind $k, float $prior, float $each): Suspicion
            => new Suspicion(
                $k,
                $part->id,
                $part->name,
                $prior,
                self::each($part->functions, $each),
            );
        $flex = $this->flexRisk($part, $out || $discarded);
        $faulty = $part->kind === PartKind::Display ? 0.03 : 0.01;
        $single = array_values(array_filter([
            $out && $part->kind === PartKind::Mesh ? $say(FaultKind::MeshClogged, 0.02, 0.85) : null,
            $out && $part->kind === PartKind::SimTray ? $say(FaultKind::TrayOff, 0.01, 0.9) : null,
            $out && $this->meetsBySprings($part) ? $say(FaultKind::SpringsOff, 0.015, 0.9) : null,
            $out && $part->pairing !== Pairing::None ? $say(FaultKind::NotItsOwn, 0.002, 0.95) : null,
        ]));

        return [
            ...$single,
            ...$discarded ? $this->spread(FaultKind::PartFaulty, $part, $faulty) : [],
            ...$flex > 0.0 ? $this->spread(FaultKind::FlexHurt, $part, $flex) : [],
            ...$out && \in_array($part->kind, self::IN_A_SEAT, true)
                ? $this->spread(FaultKind::NotInSeat, $part, 0.02)
                : [],
        ];
    }

    /**
     * A part with several functions may lose one of them, or all; a display its picture or its touch before others.
     *
     * @return list<Suspicion>
     */
    private function spread(FaultKind $kind, Part $part, float $prior): array
    {
        $count = \count($part->functions);
        $whole = $count === 1 ? 1.0 : self::WHOLE;
        $found = [
            new Suspicion(
                $kind,
                $part->id,
                $part->name,
                $whole * $prior,
                self::each($part->functions, 0.9),
            ),
        ];
        $all = array_sum(array_map(self::weight(...), $part->functions));
        foreach ($count === 1 ? [] : $part->functions as $function) {
            $one = (1 - self::WHOLE) * self::weight($function) / max(1.0, $all) * $prior;
            $found[] = new Suspicion(
                $kind,
                $part->id,
                $part->name,
                $one,
                self::each([$function], 0.9),
            );
        }

        return $found;
    }

    private static function weight(F $function): float
    {
        return \in_array($function, [F::Image, F::Touch], true) ? 4.0 : 1.0;
    }

    private function flexRisk(Part $part, bool $out): float
    {
        $opened = array_filter(
            $this->phone->connectors,
            fn(Connector $c): bool => $c->joins[0] === $part->id && \in_array($c->id, $this->route->ids(), true),
        );
        $glued = array_filter(
            $this->phone->bonds,
            fn($b): bool => $b->adhesive === AdhesiveKind::FlexGlue && $b->joins[0] === $part->id
                && \in_array($b->id, $this->route->ids(), true),
        );

        return match (true) {
            $opened === [] => 0.0,
            $glued !== [] => 0.02,
            $part->kind === PartKind::Display, $part->kind === PartKind::Digitizer => 0.012,
            $out => 0.008,
            default => 0.002,
        };
    }

    /** True if nothing plugs it in: its springs meet when its cover lies home. */
    private function meetsBySprings(Part $part): bool
    {
        $sprung = [PartKind::Loudspeaker, PartKind::VibrationMotor, PartKind::Coil, PartKind::Cover];
        $plugs = array_filter($this->phone->connectors, static fn(Connector $c): bool => $c->joins[0] === $part->id);

        return \in_array($part->kind, $sprung, true) && $plugs === [];
    }

    /** @return list<Suspicion> what can cover, narrow or press after new glass was bonded in */
    private function glass(): array
    {
        $new = $this->newGlass();
        if ($new === null) {
            return [];
        }
        $pressed = [F::Touch->value => 0.7, F::Image->value => 0.3];
        $found = [new Suspicion(
            FaultKind::Pressed,
            $new->id,
            $new->name,
            0.006,
            $pressed,
        )];
        $bead = array_filter($this->seals, static fn(SealPlan $s): bool => $s->bead !== null) !== [];
        foreach ($this->phone->openings as $opening) {
            [$kind, $prior] = match ($opening->ifCovered) {
                IfCovered::CameraBlurred, IfCovered::ProximityDead => [FaultKind::WindowCovered, 0.03],
                IfCovered::EarpieceFaint, IfCovered::MicrophoneMuffled
                    => [FaultKind::OpeningNarrowed, $bead ? 0.02 : 0.006],
                IfCovered::FlexPinched => [FaultKind::Pressed, 0.004],
                IfCovered::HomeKeyStiff => [FaultKind::NotInSeat, 0.01],
            };
            $found[] = new Suspicion(
                $kind,
                $opening->id,
                $opening->name,
                $prior,
                self::behind($opening->ifCovered),
            );
        }
        if (\in_array(F::PartNotice, $this->phone->functions(), true) || $this->phone->panel->data !== null) {
            $served = array_values(
                array_unique([F::PartNotice, ...$this->phone->panel->data->serves ?? []], SORT_REGULAR),
            );
            $found[] = new Suspicion(
                FaultKind::DataMissing,
                $new->id,
                $new->name,
                0.02,
                self::each($served, 0.97),
            );
        }

        return $found;
    }

    private function newGlass(): ?Part
    {
        foreach ($this->route->discarded as $id) {
            if (\in_array($this->phone->parts[$id]->kind, [PartKind::Display, PartKind::Digitizer], true)) {
                return $this->phone->parts[$id];
            }
        }

        return null;
    }

    /** @return array<string, float> */
    private static function behind(IfCovered $what): array
    {
        return match ($what) {
            IfCovered::CameraBlurred => [F::FrontCamera->value => 0.95, F::FaceUnlock->value => 0.3],
            IfCovered::ProximityDead => [
                F::Proximity->value => 0.9,
                F::AmbientLight->value => 0.7,
                F::ColourAdapting->value => 0.5,
                F::FaceUnlock->value => 0.2,
            ],
            IfCovered::EarpieceFaint => [F::Earpiece->value => 0.95, F::Call->value => 0.5],
            IfCovered::MicrophoneMuffled => [F::Microphone->value => 0.95, F::Call->value => 0.6],
            IfCovered::FlexPinched => [F::Touch->value => 0.6, F::Image->value => 0.6],
            IfCovered::HomeKeyStiff => [F::HomeKey->value => 0.9, F::Fingerprint->value => 0.2],
        };
    }

    /**
     * @return list<Suspicion> groups of screws that fit into a shorter one's hole and go through it
     */
    private function screws(): array
    {
        $out = array_intersect_key($this->phone->fasteners, array_fill_keys($this->route->ids(), true));
        $found = [];
        foreach ($out as $long) {
            $through = array_filter($out, static fn(Fastener $f): bool => $f->thread === $long->thread
                && $f->driver === $long->driver
                && $long->length > $f->hole->depth);
            if ($through !== []) {
                $fails = [F::Image->value => 0.3, F::Touch->value => 0.3, F::Charging->value => 0.2];
                $found[] = new Suspicion(
                    FaultKind::ScrewTooLong,
                    $long->id,
                    $long->name,
                    0.003,
                    $fails,
                );
            }
        }

        return $found;
    }

    /**
     * @param list<F> $functions
     *
     * @return array<string, float>
     */
    private static function each(array $functions, float $chance): array
    {
        return array_fill_keys(array_map(static fn(F $f): string => $f->value, $functions), $chance);
    }
}
