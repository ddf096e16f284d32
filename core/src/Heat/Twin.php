<?php

declare(strict_types=1);

namespace Facelift\Heat;

/** The same phone twice: as it is estimated, and with a source hotter than 95 of 100. Both go through the same. */
final class Twin
{
    private Worst $worst;

    /**
     * @param Lanes       $likely as they are now
     * @param Lanes       $hot    the same if the source was hotter than 95 of 100
     * @param CarriedOver $before what the phone came to this bond with
     */
    public function __construct(
        public Lanes $likely,
        private Lanes $hot,
        private readonly CarriedOver $before,
        private readonly Uncertainty $off,
    ) {
        $this->worst = Worst::of($hot->sample(0.0));
    }

    /** As it comes to a bond. */
    public static function from(Stack $edge, Stack $centre, CarriedOver $before, Uncertainty $off): self
    {
        return new self(
            new Lanes($edge, $centre, $before->likely),
            new Lanes($edge, $centre, $before->hot),
            $before,
            $off,
        );
    }

    public function heat(Source $source): void
    {
        $this->likely->heat($source);
        $this->hot->heat($this->off->hottest($source));
    }

    public function keep(Source $source, HoldAt $at): void
    {
        $this->likely->keep($source, $at);
        $this->hot->keep($this->off->hottest($source), $at);
    }

    public function rest(): void
    {
        $this->likely->rest();
        $this->hot->rest();
    }

    public function elsewhere(): void
    {
        $this->likely->elsewhere();
        $this->hot->elsewhere();
    }

    /** @param float $seconds zero or more */
    public function advance(float $seconds): void
    {
        $this->likely->advance($seconds);
        $this->hot->advance($seconds);
        $this->worst = $this->worst->and(Worst::of($this->hot->sample(0.0)));
    }

    /** As hot as it may be by now. */
    public function hottest(float $clock): Sample
    {
        return $this->hot->sample($clock);
    }

    public function worst(): Worst
    {
        return $this->worst;
    }

    public function leaves(): CarriedOver
    {
        return new CarriedOver(
            $this->before->likely->warmAs($this->likely),
            $this->before->hot->warmAs($this->hot),
        );
    }

    /** The stretch in hand in still air from now on, until it is colder than `$until` °C or `$most` s are over. */
    public function cooling(float $until, float $every, float $most): BondCurve
    {
        [$likely, $hot] = [clone $this->likely->edge, clone $this->hot->edge];
        $likely->rest();
        $hot->rest();
        $curve = [[$this->likely->bondOf($likely), $this->hot->bondOf($hot)]];
        for ($s = $every; $s <= $most && $curve[\count($curve) - 1][1] >= $until; $s += $every) {
            $likely->advance($every);
            $hot->advance($every);
            $curve[] = [$this->likely->bondOf($likely), $this->hot->bondOf($hot)];
        }

        return new BondCurve($every, array_column($curve, 0), array_column($curve, 1), $this->before->likely->room);
    }

    public function __clone()
    {
        [$this->likely, $this->hot] = [clone $this->likely, clone $this->hot];
    }
}
