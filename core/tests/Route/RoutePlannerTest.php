<?php

declare(strict_types=1);

namespace Facelift\Tests\Route;

use Facelift\Anatomy\Blocks;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\ReplacementKind as K;
use Facelift\Route\LeastSet;
use Facelift\Route\Route;
use Facelift\Route\RoutePlanner;
use Facelift\Route\Trial;
use Facelift\Route\Weights;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class RoutePlannerTest extends TestCase
{
    public function testTheVesperMovesItsPairedEarpieceFlexAndMesh(): void
    {
        self::assertSame(['earpiece-flex', 'mesh'], self::route('quillon-vesper', K::DisplayAssembly)->moved);
    }

    public function testSmallPartsFittedSaveTheMeshButNotThePairedFlex(): void
    {
        self::assertSame(['earpiece-flex'], self::route('quillon-vesper', K::DisplayWithSmallParts)->moved);
    }

    public function testTheFernMovesNothingWithoutFrameAndNearlyAllWithIt(): void
    {
        self::assertSame([], self::route('brasca-fern-5', K::DisplayAssembly)->moved);
        self::assertSame(
            [
                'back-cover',
                'fingerprint',
                'reader-plate',
                'upper-cover',
                'earpiece',
                'lower-cover',
                'loudspeaker',
                'battery',
                'main-board',
                'rear-camera',
                'front-camera',
                'charging-board',
                'link-flex',
                'coax-lead',
                'motor',
                'sim-tray',
            ],
            self::route('brasca-fern-5', K::DisplayWithFrame)->moved,
        );
    }

    public function testTheDisplayIsNotPartedFromAFrameThatIsReplacedToo(): void
    {
        self::assertContains('display-tape', self::route('brasca-fern-5', K::DisplayAssembly)->ids());
        self::assertNotContains('display-tape', self::route('brasca-fern-5', K::DisplayWithFrame)->ids());
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryBlockIsRespectedAndTheOrderIsProven(string $phone, ReplacementKind $kind): void
    {
        $route = self::route($phone, $kind);
        $clauses = Blocks::of(Phones::read($phone))->clauses;
        $off = ['sim-tray'];
        foreach ($route->ids() as $id) {
            foreach ($clauses[$id] as $any) {
                self::assertNotSame([], array_intersect($any, $off), "$id before " . implode(' or ', $any));
            }
            $off[] = $id;
        }
        self::assertTrue($route->removals->optimal);
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testTheBatteryIsFirstAmongConnectors(string $phone, ReplacementKind $kind): void
    {
        $file = Phones::read($phone);
        $connectors = array_values(
            array_filter(
                self::route($phone, $kind)->ids(),
                static fn(string $id): bool => isset($file->connectors[$id]) && !$file->connectors[$id]->passive,
            ),
        );
        self::assertSame($file->powerConnector()->id, $connectors[0]);
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testTheTrialStandsAtTheEarliestMomentAndBeforeTheDisplayComesOff(
        string $phone,
        ReplacementKind $kind,
    ): void {
        $route = self::route($phone, $kind);
        if ($kind === ReplacementKind::GlassOnly) {
            self::assertNull($route->trial, 'glass has no flex to connect');

            return;
        }
        $file = Phones::read($phone);
        if ($file->replacement($kind)->flexLength + $file->panel->testExtension < $file->panel->flexNeeded) {
            self::assertNull($route->trial, 'the flex does not reach');

            return;
        }
        self::assertNotNull($route->trial);
        $ids = array_map(static fn($n): string => $n->id, $route->removals->nodes);
        $at = (int) array_search(Trial::ID, $ids, true);
        $needed = \array_slice($ids, 0, $at);
        foreach ($route->trial->connect as $connector) {
            self::assertContains($connector, $needed);
        }
        self::assertNotContains('display', $needed);
        // Nothing before the trial could be left for later: each frees another, or is unplugged for the trial itself.
        foreach ($needed as $id) {
            $waiting = array_intersect($route->frees()[$id] ?? [], [...$needed, Trial::ID]);
            self::assertNotSame([], $waiting, "$id could wait until after the trial");
        }
    }

    public function testTheSmallestLiveSetIsTheDisplayWhatBootsThePhoneAndTheBatteryLast(): void
    {
        self::assertSame(
            ['display-plug', 'touch-plug', 'keys-plug', 'battery-plug'],
            self::route('quillon-vesper', K::DisplayAssembly)->trial?->live,
        );
    }

    public function testAFlexThatIsTooShortMeansNoTrial(): void
    {
        $data = Phones::data('quillon-vesper');
        \assert(\is_array($data['panel']));
        $data['panel']['flexNeeded'] = 60;
        $phone = (new PhoneReader())->read($data);
        self::assertNull((new RoutePlanner())->plan($phone, $phone->replacement(K::DisplayAssembly))->trial);
    }

    private static function route(string $phone, ReplacementKind $kind): Route
    {
        $file = Phones::read($phone);

        return (new RoutePlanner())->plan($file, $file->replacement($kind));
    }

    /** Trial and whole are least together: no choice of what comes off for the trial makes a lighter whole. */
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testNoOtherTrialMakesALighterWhole(string $phone, ReplacementKind $kind): void
    {
        $read = Phones::read($phone);
        $route = (new RoutePlanner())->plan($read, $read->replacement($kind));
        $clauses = Blocks::of($read)->clauses;
        $weights = Weights::of($read);
        $ids = array_values(array_diff($route->ids(), [Trial::ID]));
        $trays = array_keys(array_filter($read->parts, static fn($p): bool => $p->kind->comesOutFirst()));
        $live = $route->trial === null ? [] : [...$route->trial->connect, $read->powerConnector()->id];
        $least = new LeastSet($clauses, $weights);
        foreach ($live === [] ? [[]] : $least->all($live, $trays) as $first) {
            foreach ($least->all(array_values(array_unique([...$first, ...$ids])), $trays) as $all) {
                self::assertLessThanOrEqual(self::weight($weights, $all), self::weight($weights, $ids));
            }
        }
        self::assertNotSame([], $ids);
    }

    /**
     * @param array<string, array{int, int}> $weights
     * @param list<string>                   $ids
     *
     * @return array{int, int}
     */
    private static function weight(array $weights, array $ids): array
    {
        $sum = [0, 0];
        foreach ($ids as $id) {
            [$disturbed, $risk] = $weights[$id] ?? [1, 0];
            $sum = [$sum[0] + $disturbed, $sum[1] + $risk];
        }

        return $sum;
    }
}
