<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** One phone among others that wait for the same hands. */
final readonly class Load
{
    /** @var list<Block> */
    public array $blocks;

    /**
     * @param int        $from   ms since 1970: earliest start, when phone and part are there and its clock has run
     * @param int        $due    ms since 1970: as promised
     * @param float      $spread of its hands, as the standard deviation of the logarithm of how far off they are
     * @param int        $weight how much a second late counts, 1 or more
     * @param Begun|null $begun  what of its first block is under way
     * @param int|null   $pin    ms since 1970: when its first block was asked to begin, before all that is not pinned
     */
    public function __construct(
        public string $id,
        public Chain $chain,
        public int $from,
        public int $due,
        public float $spread,
        public int $weight = 1,
        public ?Begun $begun = null,
        public ?int $pin = null,
    ) {
        $blocks = $block = [];
        foreach ($chain->pieces as $piece) {
            $block[] = $piece;
            if (!$piece->atOnce()) {
                $blocks[] = new Block($block);
                $block = [];
            }
        }
        $this->blocks = $block === [] ? $blocks : [...$blocks, new Block($block)];
    }

    /** @param int|null $pin ms since 1970; null if it begins whenever it can */
    public function pinned(?int $pin): self
    {
        return new self(
            $this->id,
            $this->chain,
            $this->from,
            $this->due,
            $this->spread,
            $this->weight,
            $this->begun,
            $pin,
        );
    }

    public function weighing(int $weight): self
    {
        return new self(
            $this->id,
            $this->chain,
            $this->from,
            $this->due,
            $this->spread,
            $weight,
            $this->begun,
            $this->pin,
        );
    }
}
