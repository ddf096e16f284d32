<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;
use Facelift\Anatomy\LayerRole;
use Facelift\Quantity\OutOfRange;

/**
 * A source of heat at one face of the phone: a surface or a stream of air that holds its temperature, or a warm bag
 * that cools while it lies there.
 *
 * Everything in it is linear in the temperature above the room: one run for one kelvin serves every setting.
 */
final readonly class Source
{
    /**
     * Phone glass on a silicone-topped plate: 100–150 W/m²K reproduces practice (engineering estimate, from memory).
     */
    public const PLATE_CONTACT = 125.0;
    /** Film of a hot-air gun 30 mm away (engineering estimate, from memory). */
    private const JET = 90.0;
    private const JET_AT = 30.0;
    /** Beyond this the jet mixes with the room and cools, mm (engineering estimate, from memory). */
    private const CORE = 40.0;
    /** Length of edge that a jet covers at once, mm (common practice, no source). */
    public const SPOT = 40.0;
    /**
     * Share of a jet along the edge that goes on over the middle of the phone (engineering estimate, from memory:
     * nobody
     * has measured it).
     */
    private const SPILT = 0.3;
    /** mm of edge along which it does: one long side (engineering estimate, from memory) */
    private const MIDDLE = 150.0;
    /** A grain bag on glass (engineering estimate, from memory). */
    private const BAG_CONTACT = 110.0;
    /** Grain: loose and moist, W/(m·K), kg/m³, J/(kg·K) (engineering estimates, from memory). */
    private const GRAIN = [0.3, 620.0, 1800.0];
    /** What a microwave puts into a bag, W; and the hottest a bag gets, °C (common practice, no source). */
    private const MICROWAVE = 350.0;
    private const BAG_HOTTEST = 95.0;
    private const BAG_AREA = 0.025;

    /**
     * @param float      $set         °C of the surface, of the air where it leaves, or of the bag when it is laid on
     * @param float      $coefficient W/(m²·K) of contact or film, as an average over a moving round
     * @param float      $mixed       share of the temperature above the room that reaches the phone, 0 to 1
     * @param Layer|null $body        the bag itself; null for a source that holds its temperature
     * @param float|null $covers      mm of edge that it heats at a time; null for all round
     */
    private function __construct(
        public SourceKind $kind,
        public float $set,
        public float $coefficient,
        public float $mixed,
        public ?Layer $body,
        public Origin $origin,
        public ?float $covers = null,
    ) {}

    /** @throws OutOfRange If the setting or the contact coefficient lies outside its range. */
    public static function plate(
        float $set,
        float $contact = self::PLATE_CONTACT,
        Origin $origin = Origin::FromMemory,
    ): self {
        return self::checked(
            SourceKind::Plate,
            $set,
            $contact,
            1.0,
            null,
            $origin,
        );
    }

    /**
     * A hot-air gun or dryer, moved round an edge so that every spot gets it for its share of the time.
     *
     * The film falls with the distance, and beyond its core the jet mixes with the room. Between two visits a spot is
     * in still air; both are averaged, since a round takes less time than glass needs to follow.
     *
     * @param float $distance mm from the glass, 10 to 200
     * @param float $edge     mm of edge that it is moved along; the spot's length or less for a gun held still
     *
     * @throws OutOfRange If a figure lies outside its range.
     */
    public static function hotAir(float $set, float $distance, float $edge, Origin $origin = Origin::FromMemory): self
    {
        if ($distance < 10 || $distance > 200) {
            throw OutOfRange::of('distance of the air', $distance, 10, 200);
        }
        $share = min(1.0, self::SPOT / max($edge, 1e-6));
        $film = self::JET * (self::JET_AT / max($distance, self::JET_AT)) ** 0.7;
        $core = min(1.0, self::CORE / $distance);
        $average = $share * $film + (1 - $share) * Boundary::STILL_AIR;

        return self::checked(
            SourceKind::HotAir,
            $set,
            $average,
            $core * $share * $film / $average,
            null,
            $origin,
            max($edge, self::SPOT),
        );
    }

    /** Hot air on one glued flex, held over it and kept moving: 200 °C for seconds (common practice). */
    public static function localAir(float $set, float $distance = 30.0, Origin $origin = Origin::CommonPractice): self
    {
        $jet = self::hotAir(min($set, 180.0), $distance, self::SPOT, $origin);

        return self::checked(
            SourceKind::LocalAir,
            $set,
            $jet->coefficient,
            $jet->mixed,
            null,
            $origin,
            $jet->covers,
        );
    }

    /**
     * A grain bag out of the microwave, left lying on the glass.
     *
     * @param float $mass    kg, 0.1 to 2
     * @param float $minutes in the microwave, more than zero
     * @param float $room    °C
     *
     * @throws OutOfRange If a figure lies outside its range.
     */
    public static function grainBag(
        float $mass,
        float $minutes,
        float $room = Usual::ROOM,
        Origin $origin = Origin::CommonPractice,
    ): self {
        if ($mass < 0.1 || $mass > 2 || $minutes <= 0) {
            throw OutOfRange::of('mass of the bag', $mass, 0.1, 2);
        }
        $hot = min(self::BAG_HOTTEST, $room + self::MICROWAVE * $minutes * 60 / ($mass * self::GRAIN[2]));

        return self::bagAt($mass, $hot, $origin);
    }

    /** @throws OutOfRange If a figure lies outside its range. */
    public static function bagAt(float $mass, float $set, Origin $origin = Origin::CommonPractice): self
    {
        [$k, $density, $heat] = self::GRAIN;
        $body = new Layer(
            'grain bag',
            LayerRole::Other,
            (1000 * $mass) / ($density * self::BAG_AREA),
            $k,
            $density,
            $heat,
            1 / self::BAG_CONTACT,
        );

        return self::checked(
            SourceKind::GrainBag,
            $set,
            self::BAG_CONTACT,
            1.0,
            $body,
            $origin,
        );
    }

    /**
     * As it was when it was written down.
     *
     * @param float|null $bag    mm of grain; null for a source that holds its temperature
     * @param float|null $covers mm of edge at a time; null for all round
     *
     * @throws OutOfRange If a figure lies outside its range.
     */
    public static function kept(
        SourceKind $kind,
        float $set,
        float $coefficient,
        float $mixed,
        ?float $bag,
        Origin $origin,
        ?float $covers = null,
    ): self {
        [$k, $density, $heat] = self::GRAIN;
        $body = $bag === null
                ? null
                : new Layer(
                    'grain bag',
                    LayerRole::Other,
                    $bag,
                    $k,
                    $density,
                    $heat,
                    1 / $coefficient,
                );

        return self::checked(
            $kind,
            $set,
            $coefficient,
            $mixed,
            $body,
            $origin,
            $covers,
        );
    }

    /**
     * The same source at another setting.
     *
     * @throws OutOfRange If the setting lies outside the range of its kind.
     */
    public function at(float $set): self
    {
        return self::checked(
            $this->kind,
            $set,
            $this->coefficient,
            $this->mixed,
            $this->body,
            $this->origin,
            $this->covers,
        );
    }

    /** @throws OutOfRange If the coefficient lies outside the range of its kind. */
    public function withCoefficient(float $coefficient, Origin $origin): self
    {
        $body = $this->body === null
                ? null
                : new Layer(
                    $this->body->name,
                    $this->body->role,
                    $this->body->thickness,
                    $this->body->conductivity,
                    $this->body->density,
                    $this->body->specificHeat,
                    1 / $coefficient,
                );

        return self::checked(
            $this->kind,
            $this->set,
            $coefficient,
            $this->mixed,
            $body,
            $origin,
            $this->covers,
        );
    }

    /**
     * What of it reaches the middle of the phone, where the battery lies: all of a plate or a bag, a share of air that
     * goes along the edge.
     *
     * @throws OutOfRange If that is too little to be a source.
     */
    public function atCentre(): self
    {
        if ($this->covers === null) {
            return $this;
        }
        $share = min(1.0, self::SPOT / $this->covers);
        $film = max(0.0, $this->coefficient - (1 - $share) * Boundary::STILL_AIR);
        // What goes on over the middle spreads there, whether the jet moves far or not.
        $over = self::SPILT * min(1.0, $this->covers / self::MIDDLE);
        $spilt = $over * $film;
        $rest = (1 - $over * $share) * Boundary::STILL_AIR;
        $core = $film > 0.0 ? $this->mixed * $this->coefficient / $film : 0.0;

        return self::checked(
            $this->kind,
            $this->set,
            $spilt + $rest,
            $core * $spilt / ($spilt + $rest),
            null,
            $this->origin,
            $this->covers,
        );
    }

    /** s until it is as hot as before once it is taken off: a bag has to go back into the microwave, others stay hot */
    public function hotAgainAfter(float $room): float
    {
        return $this->body === null
            ? 0.0
            : $this->body->thickness / 1000 * self::BAG_AREA * $this->body->density * $this->body->specificHeat
                * max(0.0, $this->set - $room) / self::MICROWAVE;
    }

    /** True if a phone would not tell the two apart. */
    public function isLike(self $other): bool
    {
        return $this->kind === $other->kind
            && $this->set === $other->set
            && $this->coefficient === $other->coefficient
            && $this->mixed === $other->mixed
            && $this->covers === $other->covers
            && $this->body?->thickness === $other->body?->thickness;
    }

    /** What the heated face meets: for a bag, still air above it. */
    public function boundary(float $room): Boundary
    {
        return $this->body === null
            ? new Boundary($this->coefficient, $room + $this->mixed * ($this->set - $room))
            : Boundary::stillAir($room);
    }

    private static function checked(
        SourceKind $kind,
        float $set,
        float $coefficient,
        float $mixed,
        ?Layer $body,
        Origin $origin,
        ?float $covers = null,
    ): self {
        foreach (
            [
                ['setting of the ' . $kind->value, $set, $kind->range()],
                ['coefficient of the ' . $kind->value, $coefficient, $kind->coefficients()],
            ] as [$what, $value, [$min, $max]]
        ) {
            if (!is_finite($value) || $value < $min - 1e-9 || $value > $max + 1e-9) {
                throw OutOfRange::of($what, $value, $min, $max);
            }
        }

        return new self(
            $kind,
            $set,
            $coefficient,
            $mixed,
            $body,
            $origin,
            $covers,
        );
    }
}
