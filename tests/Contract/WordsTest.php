<?php

declare(strict_types=1);

namespace Tests\Contract;

use App\Words\Words;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\Place;
use Facelift\Anatomy\Thing;
use Facelift\Condition\Observation;
use Facelift\Condition\RepairSign;
use Facelift\Plan\Hazard;
use Facelift\Plan\Phase;
use Facelift\Plan\StepKind;
use Facelift\Proof\Change;
use Facelift\Proof\Gate;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

/** Every code that the core can say has words. */
final class WordsTest extends TestCase
{
    public function testEveryCodeIsWorded(): void
    {
        $words = Words::fromFile(dirname(__DIR__, 2) . '/resources/words/en.json');
        $keys = [];
        foreach (
            [
                'phase' => Phase::cases(),
                'step' => StepKind::cases(),
                'text' => StepKind::cases(),
                'function' => PhoneFunction::cases(),
                'observation' => Observation::cases(),
                'sign' => RepairSign::cases(),
                'gate' => Gate::cases(),
                'change' => Change::cases(),
                'caution' => Hazard::cases(),
                'thing' => Thing::cases(),
                'place' => Place::cases(),
            ] as $prefix => $cases
        ) {
            foreach ($cases as $case) {
                $keys[] = $prefix . '.' . $case->value;
            }
        }
        foreach (self::codesInSource("/new Reason\\('([a-z-]+[a-z])'/") as $code) {
            $keys[] = 'reason.' . $code;
        }
        foreach (self::codesInSource("/Refusal::(?:never|later|unlessSaidWhy)\\('([a-z-]+)'/") as $code) {
            $keys[] = 'reason.' . $code;
        }
        foreach (Phones::jobs() as [$phone, $kind]) {
            foreach (Phones::plan($phone, $kind)->steps as $step) {
                foreach ($step->act->notes as $note) {
                    $keys[] = 'note.' . $note->code;
                }
            }
        }
        foreach (StepKind::cases() as $kind) {
            $keys[] = 'record.' . $kind->earlyCode();
        }
        self::assertGreaterThan(200, count($keys));
        self::assertSame(
            [],
            array_values(
                array_filter(
                    $keys,
                    static fn(string $key): bool => $words->say($key) === $key
                        && $words->say(str_replace('reason.', 'note.', $key)) === str_replace('reason.', 'note.', $key),
                ),
            ),
        );
    }

    /** The same examples as the page's: one wording, two readers of it. */
    public function testOneAndManyAreWordedAlike(): void
    {
        $words = Words::fromFile(dirname(__DIR__, 2) . '/resources/words/en.json');
        $fewer = array_map(static fn(int $n): string => $words->say('reason.way-fewer-removals', ['count' => $n]), [
            0,
            1,
            2,
        ]);
        self::assertSame(['0 removals fewer', '1 removal fewer', '2 removals fewer'], $fewer);
        self::assertSame(
            '1 strip, 0.4 m in all. Never tape on tape.',
            $words->say('note.strips', ['count' => 1, 'metres' => 0.4]),
        );
        self::assertSame(
            ['Set it higher.', 'Is it worth it?', 'Wait.'],
            array_map(Words::sentence(...), ['Set it higher', 'Is it worth it?', 'Wait.']),
        );
    }

    /** @return list<string> */
    private static function codesInSource(string $pattern): array
    {
        $codes = [];
        $files = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(dirname(__DIR__, 2) . '/core/src', \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            assert($file instanceof \SplFileInfo);
            preg_match_all($pattern, (string) file_get_contents($file->getPathname()), $found);
            array_push($codes, ...$found[1]);
        }

        return $codes;
    }
}
