<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Layer;

/**
 * One stack of layers through time: heated from its face by a source, or resting in air; forward only.
 *
 * Steps are as long as the estimate of their error allows, and halved or doubled from there.
 */
final class Lane
{
    /** Largest estimated error of one step anywhere in the stack, K; the estimate overstates it. */
    public const TOLERANCE = 0.25;
    private const SHORTEST = 0.125;
    private const LONGEST = 16.0;

    private Wall $wall;
    private Boundary $front;
    private readonly Boundary $back;
    /** @var list<float> */
    private array $profile;
    /** Cells of a bag that lies on the stack, before the stack's own. */
    private int $bag = 0;
    private float $step = 0.5;
    /** @var array<string, Stepper> by what the face meets, and step length */
    private array $steppers = [];
    private string $meets = '';
    /** Heat in J/m² that has come in through both faces since the source was last changed. */
    private float $taken = 0.0;

    /**
     * @param list<Layer> $layers    from the heated face inwards
     * @param float       $tolerance K, more than zero
     * @param list<list<float>>|null $start °C of the cells of each layer; null for all at the room's temperature
     */
    public function __construct(
        private readonly array $layers,
        private readonly float $room,
        private readonly int $finest = 8,
        private readonly float $tolerance = self::TOLERANCE,
        ?array $start = null,
    ) {
        $this->wall = new Wall($layers, $finest);
        $this->front = $this->back = Boundary::stillAir($room);
        $this->profile = $start === null ? $this->wall->at($room) : $this->wall->from($start, $room);
        $this->fresh(0.5);
    }

    /** The source comes to the heated face. */
    public function heat(Source $source): void
    {
        $this->rest();
        $this->front = $source->boundary($this->room);
        if ($source->body !== null) {
            $this->wall = new Wall([$source->body, ...$this->layers], $this->finest, bag: true);
            $this->bag = \count($this->wall->capacity) - \count($this->profile);
            $this->profile = [...array_fill(0, $this->bag, $source->set), ...$this->profile];
            $this->steppers = [];
        }
        $this->fresh(0.5);
    }

    /** The source comes for a moment or goes for one, on a stretch that is kept warm: nothing changes fast. */
    public function keep(?Source $source): void
    {
        $this->front = $source?->boundary($this->room) ?? Boundary::stillAir($this->room);
        $this->fresh(max(0.5, min(4.0, $this->step)));
    }

    /** The source is taken away: still air on both faces. */
    public function rest(): void
    {
        if ($this->bag > 0) {
            $this->profile = \array_slice($this->profile, $this->bag);
            $this->wall = new Wall($this->layers, $this->finest);
            $this->bag = 0;
            $this->steppers = [];
        }
        $this->front = Boundary::stillAir($this->room);
        $this->fresh(0.5);
    }

    /** @param float $seconds zero or more */
    public function advance(float $seconds): void
    {
        for ($left = $seconds; $left > 1e-9;) {
            $h = min($this->step, $left);
            [$next, $in, $error] = $this->stepper($h)->estimate($this->profile);
            if ($error > $this->tolerance && $h > self::SHORTEST) {
                $this->step = max(self::SHORTEST, $h / 2);
                continue;
            }
            $this->profile = $next;
            $this->taken += $in;
            $left -= $h;
            if ($error < $this->tolerance / 4 && $h >= $this->step) {
                $this->step = min(self::LONGEST, 2 * $this->step);
            }
        }
    }

    /** Mean temperature of a layer of the stack, °C. */
    public function meanOf(int $layer): float
    {
        return $this->wall->meanOf($layer + ($this->bag > 0 ? 1 : 0), $this->profile);
    }

    /** @return list<float> °C of the cells of a layer of the stack */
    public function cellsOf(int $layer): array
    {
        return $this->wall->cellsOf($layer + ($this->bag > 0 ? 1 : 0), $this->profile);
    }

    /** The hottest there is within a layer of the stack, °C. */
    public function hottestOf(int $layer): float
    {
        return $this->wall->hottestOf($layer + ($this->bag > 0 ? 1 : 0), $this->profile);
    }

    /** Temperature of a layer's side towards the heat, °C. */
    public function frontOf(int $layer): float
    {
        return $this->wall->frontOf($layer + ($this->bag > 0 ? 1 : 0), $this->profile);
    }

    /** Temperature of the outer face that is heated, °C; under a bag, of the glass below it. */
    public function outerFace(): float
    {
        return $this->bag > 0 ? $this->frontOf(0) : $this->wall->heatedFace($this->profile, $this->front);
    }

    /** Heat held above 0 °C, J/m². */
    public function energy(): float
    {
        return $this->wall->energy($this->profile);
    }

    /** Heat that has come in since the source was last changed, J/m². */
    public function taken(): float
    {
        return $this->taken;
    }

    private function fresh(float $step): void
    {
        $this->meets = $this->front->coefficient . '/' . $this->front->medium . '/';
        $this->step = $step;
        $this->taken = 0.0;
    }

    private function stepper(float $h): Stepper
    {
        return $this->steppers[$this->meets . $h] ??= $this->wall->stepper($this->front, $this->back, $h);
    }
}
