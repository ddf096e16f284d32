<?php

declare(strict_types=1);

namespace Tests\Contract;

use App\Account\WhyNot;
use App\Jobs\Stations;
use App\Models\TransferKind;
use Facelift\Anatomy\Feature;
use Facelift\Anatomy\Tool;
use Facelift\Bench\CountReason;
use Facelift\Bench\DataState;
use Facelift\Calibration\ProgrammerWord;
use Facelift\Chip\Solder;
use Facelift\Condition\Check;
use Facelift\Diagnosis\Cause;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * A set of words that is closed in the contract is an enum in the code, case for case.
 *
 * A case that is added or taken away on one side alone makes the two sets differ, and neither finds its partner any
 * more.
 */
final class ClosedSetsTest extends TestCase
{
    /** Sets that only the wire knows: no code on the server branches on them but where they are written. */
    private const ON_THE_WIRE_ALONE = [
        ['closed', 'current'],
        ['pdf', 'svg'],
        ['dxf', 'pdf', 'svg'],
        ['condition', 'phone', 'plan', 'quote'],
        [
            'bench-started', 'closed', 'code-wanted', 'no-answer', 'not-reachable', 'part-taken', 'quote-moved',
            'stale-version',
        ],
        ['live', 'open', 'silent'],
        ['off', 'on'],
        ['off', 'set'],
    ];

    public function testEverySetOfTheContractIsASetOfTheCode(): void
    {
        $known = array_flip(
            array_map(self::key(...), [...self::enums(), ...self::named(), ...self::ON_THE_WIRE_ALONE]),
        );
        $alone = [];
        foreach (self::contract() as $key => $paths) {
            if (!isset($known[$key])) {
                $alone[] = $key . ' at ' . $paths[0];
            }
        }
        self::assertSame([], $alone);
    }

    public function testWhatStandsOnTheWireAloneIsThere(): void
    {
        $there = self::contract();
        foreach (self::ON_THE_WIRE_ALONE as $set) {
            self::assertArrayHasKey(self::key($set), $there);
        }
    }

    /** Enums whose words nobody outside the server reads. */
    public function testEveryOtherEnumIsOnTheWire(): void
    {
        $there = self::contract();
        $inside = array_keys(
            array_filter(self::enums(), static fn(array $set): bool => !isset($there[self::key($set)])),
        );
        sort($inside);
        self::assertSame([
            WhyNot::class, TransferKind::class, Feature::class, CountReason::class, DataState::class,
            ProgrammerWord::class, Solder::class,
            Cause::class,
        ], $inside);
    }

    /** @return list<list<string>> sets that are made of enums */
    private static function named(): array
    {
        return [
            ['hand', ...array_map(static fn(Tool $t): string => $t->value, Tool::LIFTING)],
            array_values(
                array_unique(array_merge(...array_map(static fn(Check $c): array => $c->results(), Check::cases()))),
            ),
            Stations::ORDER,
        ];
    }

    /** @return array<class-string, list<string>> the cases of every enum of words */
    private static function enums(): array
    {
        $sets = [];
        foreach (['core/src', 'app'] as $folder) {
            $files = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(__DIR__ . '/../../' . $folder, \FilesystemIterator::SKIP_DOTS),
            );
            foreach ($files as $file) {
                self::assertInstanceOf(\SplFileInfo::class, $file);
                $text = (string) file_get_contents($file->getPathname());
                if (
                    preg_match('/^namespace (\S+);/m', $text, $space) !== 1
                    || preg_match('/^enum (\w+): string/m', $text, $name) !== 1
                ) {
                    continue;
                }
                $enum = $space[1] . '\\' . $name[1];
                self::assertTrue(is_subclass_of($enum, \BackedEnum::class), $enum);
                $sets[$enum] = array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases());
            }
        }

        return $sets;
    }

    /** @return array<string, list<string>> where each closed set of the contract stands */
    private static function contract(): array
    {
        $found = [];
        $files = glob(__DIR__ . '/../../contract/schemas/*.json');
        foreach ($files === false ? [] : $files as $file) {
            self::collect(json_decode((string) file_get_contents($file), true), basename($file), $found);
        }
        self::collect(Yaml::parseFile(__DIR__ . '/../../contract/openapi.yaml'), 'openapi.yaml', $found);
        self::assertGreaterThan(40, count($found));

        return $found;
    }

    /** @param array<string, list<string>> $found */
    private static function collect(mixed $node, string $path, array &$found): void
    {
        if (!is_array($node)) {
            return;
        }
        $words = array_values(array_filter(is_array($node['enum'] ?? null) ? $node['enum'] : [], is_string(...)));
        if ($words !== []) {
            $found[self::key($words)][] = $path;
        }
        foreach ($node as $key => $below) {
            self::collect($below, $path . '.' . $key, $found);
        }
    }

    /** @param array<string> $words */
    private static function key(array $words): string
    {
        sort($words);

        return implode(' | ', $words);
    }
}
