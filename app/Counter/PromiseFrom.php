<?php

declare(strict_types=1);

namespace App\Counter;

use Facelift\Schedule\Promised;
use Facelift\Schedule\Wait;

/** A promise with what it hangs on, so that it can be told and moved. */
final readonly class PromiseFrom
{
    /** waits that are told, the longest */
    private const WAITS = 2;

    /**
     * @param int|null $part  when the part comes, ms since 1970; null if it is there
     * @param int|null $phone when the phone comes; null if it is there
     */
    public function __construct(
        public Promised $promised,
        private ?int $part,
        private ?int $phone,
    ) {}

    /** @return list<array{MovedBy, int}> what, and until when, ms since 1970, in the order in which it comes */
    public function movedBy(): array
    {
        $longest = $this->promised->waits;
        usort($longest, static fn(Wait $a, Wait $b): int => $b->seconds <=> $a->seconds);
        $moved = array_map(
            static fn(Wait $w): array => [MovedBy::waitingFor($w->equipment), $w->until],
            array_slice($longest, 0, self::WAITS),
        );
        $further = [
            [MovedBy::Phone, $this->phone],
            [MovedBy::Part, $this->part],
            [MovedBy::Shut, $this->promised->opens],
        ];
        foreach ($further as [$what, $at]) {
            if ($at !== null) {
                $moved[] = [$what, $at];
            }
        }
        usort($moved, static fn(array $a, array $b): int => $a[1] <=> $b[1]);

        return $moved;
    }
}
