<?php

declare(strict_types=1);

namespace Facelift\Tests\Plan;

use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Plan\Guess;
use Facelift\Plan\Plan;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class GuessTest extends TestCase
{
    public function testADrawnPhoneLeavesNothingToGuess(): void
    {
        self::assertNull(Guess::of(Phones::plan('quillon-vesper', K::DisplayAssembly)));
    }

    public function testAnAssumedPhoneGivesRangesRoundWhatIsPlanned(): void
    {
        $plan = self::plan([]);
        $guess = Guess::of($plan);
        self::assertNotNull($guess);
        self::assertLessThan($plan->handsOn(), $guess->least);
        self::assertGreaterThan($plan->handsOn(), $guess->longest);
        $drawn = \count($plan->mat->places);
        self::assertLessThan($drawn, $guess->fewest);
        self::assertGreaterThan($drawn, $guess->most);
        self::assertEqualsWithDelta($guess->longest - $plan->handsOn(), $guess->reserve($plan), 1e-9);
    }

    /** What was seen narrows it, and once all of it was there is nothing left to guess. */
    public function testWhatIsSeenNarrowsIt(): void
    {
        $first = Guess::of(self::plan([]));
        $some = Guess::of(self::plan(['tail-screws', 'seal', 'bracket-short']));
        self::assertNotNull($first);
        self::assertNotNull($some);
        self::assertLessThan($first->longest - $first->least, $some->longest - $some->least);
        self::assertLessThan($first->most - $first->fewest, $some->most - $some->fewest);
        self::assertNotContains('seal', $some->assumed);
        self::assertNull(Guess::of(self::plan(null)));
    }

    /** @param list<string>|null $seen ids; null for all */
    private static function plan(?array $seen): Plan
    {
        $document = Phones::provisional();
        $footing = $document['footing'];
        \assert(\is_array($footing) && \is_array($footing['elements']));
        $footing['elements'] = array_map(static function (mixed $e) use ($seen): mixed {
            \assert(\is_array($e));
            $is = $seen === null || \in_array($e['of'], $seen, true);

            return $is ? array_replace($e, ['rests' => 'seen']) : $e;
        }, $footing['elements']);
        $phone = (new PhoneReader())->read(array_replace($document, ['footing' => $footing]));

        return Phones::planFor($phone);
    }
}
