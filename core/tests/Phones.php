<?php

declare(strict_types=1);

namespace Facelift\Tests;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Capture\FamilyFile;
use Facelift\Capture\Provisional;
use Facelift\Capture\Told;
use Facelift\Condition\Condition;
use Facelift\Fit\OldPanel;
use Facelift\Heat\Approach;
use Facelift\Heat\Source;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\School;

/** The shipped phone files, for tests. */
final class Phones
{
    /** @var array<string, Plan> by phone and kind */
    private static array $usual = [];

    /** @return array<string, mixed> */
    public static function data(string $id): array
    {
        $data = json_decode(
            (string) file_get_contents(__DIR__ . '/../../phones/' . $id . '.phone.json'),
            true,
            64,
            \JSON_THROW_ON_ERROR,
        );
        \assert(\is_array($data));

        /** @var array<string, mixed> $data */
        return $data;
    }

    /**
     * A phone that nobody has drawn: a front-opening one, as it is taken in at the counter.
     *
     * @return array<string, mixed> its document
     */
    public static function provisional(): array
    {
        $file = __DIR__ . '/../../phones/families/front-opening.family.json';
        $family = FamilyFile::read(json_decode((string) file_get_contents($file), true, 64, \JSON_THROW_ON_ERROR));

        return (new Provisional($family))->of(new Told(
            'Ondrel',
            'Knot',
            'OK-1',
            71.0,
            148.0,
            8.0,
        ));
    }

    /** The usual plan of a display assembly for any phone. */
    public static function planFor(Phone $phone): Plan
    {
        $kind = $phone->replacement(ReplacementKind::DisplayAssembly);

        return (new Planner())->plan(new Request($phone, $kind, Condition::observed([]), Source::plate(85.0)));
    }

    public static function read(string $id): Phone
    {
        return (new PhoneReader())->read(self::data($id));
    }

    /**
     * A shipped phone with a few things changed.
     *
     * @param array<string, mixed> $changes by path, such as `bonds.0.adhesive`; null takes a thing out
     */
    public static function with(string $id, array $changes): Phone
    {
        return (new PhoneReader())->read(self::changed($id, $changes));
    }

    /**
     * @param array<string, mixed> $changes by path
     *
     * @return array<string, mixed>
     */
    public static function changed(string $id, array $changes): array
    {
        $data = self::data($id);
        foreach ($changes as $path => $value) {
            $data = self::put($data, explode('.', $path), $value);
        }

        /** @var array<string, mixed> */
        return $data;
    }

    /**
     * @param array<mixed> $data
     * @param list<string> $path
     *
     * @return array<mixed>
     */
    private static function put(array $data, array $path, mixed $value): array
    {
        $key = array_shift($path);
        if ($path !== []) {
            $inner = $data[$key] ?? [];
            \assert(\is_array($inner));
            $data[$key] = self::put($inner, $path, $value);
        } elseif ($value === null) {
            unset($data[$key]);
        } else {
            $data[$key] = $value;
        }

        return $data;
    }

    /**
     * The plan of a job with what suits the phone: a gun held along the cut for very strong glue, and an outer screen
     * that is given up.
     */
    public static function plan(
        string $id,
        ReplacementKind $kind,
        ?Condition $condition = null,
        ?float $set = null,
        School $school = School::StripThenBuild,
    ): Plan {
        // A plan is immutable: the usual one of each job is made once in a test run.
        if ($condition === null && $set === null && $school === School::StripThenBuild) {
            $key = $id . ' ' . $kind->value;

            return self::$usual[$key] ??= self::planned(
                $id,
                $kind,
                Condition::observed([]),
                null,
                $school,
            );
        }

        return self::planned(
            $id,
            $kind,
            $condition ?? Condition::observed([]),
            $set,
            $school,
        );
    }

    private static function planned(
        string $id,
        ReplacementKind $kind,
        Condition $condition,
        ?float $set,
        School $school,
    ): Plan {
        $phone = self::read($id);
        $request = new Request(
            $phone,
            $phone->replacement($kind),
            $condition,
            Source::plate($set ?? 85.0),
            wish: self::wish($id),
            school: $school,
        );
        $glued = $id === 'maruvi-sorrel' && $set === null;

        return (new Planner())->plan($glued ? self::heldAlong($request) : $request);
    }

    /** Warmed on the plate, then with the gun along the blade. */
    public static function heldAlong(Request $request): Request
    {
        return $request->heatedBy(Source::hotAir(130, 30, 80), Approach::held(Source::plate(95)));
    }

    private static function wish(string $id): OldPanel
    {
        return $id === 'ondrel-gatefold' ? OldPanel::GiveUp : OldPanel::Save;
    }

    /** @return list<string> of every shipped phone file */
    public static function ids(): array
    {
        $files = glob(__DIR__ . '/../../phones/*.phone.json');

        return array_map(static fn(string $f): string => basename($f, '.phone.json'), $files === false ? [] : $files);
    }

    /** @return iterable<string, array{string, ReplacementKind}> every shipped phone with every kind of part */
    public static function jobs(): iterable
    {
        foreach (self::ids() as $id) {
            foreach (self::read($id)->replacements as $replacement) {
                yield $id . ' ' . $replacement->kind->value => [$id, $replacement->kind];
            }
        }
    }
}
