<?php

declare(strict_types=1);

namespace Facelift\Tests\Heat;

use Facelift\Heat\Ladder;
use Facelift\Heat\Rung;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Common practice, no source. */
final class LadderTest extends TestCase
{
    /** @param list<Rung> $tried */
    #[DataProvider('cases')]
    public function testNext(
        array $tried,
        float $minutes,
        float $used,
        bool $save,
        Rung $next,
        string $code,
    ): void {
        [$rung, $because] = (new Ladder())->next($tried, $minutes, $used, $save);
        self::assertSame([$next, $code], [$rung, $because->code]);
    }

    /** @return iterable<string, array{list<Rung>, float, float, bool, Rung, string}> */
    public static function cases(): iterable
    {
        yield 'first' => [[], 0, 0, true, Rung::Heat, 'ladder-next'];
        yield 'then longer' => [[Rung::Heat], 4, 0.1, true, Rung::Longer, 'ladder-next'];
        yield 'then alcohol' => [[Rung::Heat, Rung::Longer], 8, 0.2, true, Rung::Alcohol, 'ladder-next'];
        yield 'remover saves a panel' => [
            [Rung::Heat, Rung::Longer, Rung::Alcohol, Rung::ThinMetal],
            9,
            0.2,
            true,
            Rung::Remover,
            'ladder-next',
        ];
        yield 'and is not wasted on one that is given up' => [
            [Rung::Heat, Rung::Longer, Rung::Alcohol, Rung::ThinMetal],
            9,
            0.2,
            false,
            Rung::GiveUpPanel,
            'ladder-next',
        ];
        yield 'time is up' => [[Rung::Heat], 15, 0.1, true, Rung::GiveUpPanel, 'ladder-time-is-up'];
        yield 'the panel has borne enough' => [
            [Rung::Heat],
            5,
            0.85,
            true,
            Rung::GiveUpPanel,
            'ladder-panel-has-borne-enough',
        ];
        yield 'a sacrificed panel may bear more' => [[Rung::Heat], 5, 0.85, false, Rung::Longer, 'ladder-next'];
        yield 'at its end' => [Rung::cases(), 5, 0.1, true, Rung::GiveUpPanel, 'ladder-at-its-end'];
    }

    public function testWhatWetsMustDry(): void
    {
        self::assertSame(
            [Rung::Alcohol, Rung::Remover],
            array_values(array_filter(Rung::cases(), static fn(Rung $r): bool => $r->wets())),
        );
    }
}
