<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Facelift\Anatomy\Element;
use Facelift\Anatomy\FileSection;
use Facelift\Anatomy\Median;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Repair;
use Facelift\Anatomy\Rests;
use Facelift\Anatomy\TrialOutcome;
use Facelift\Capture\Capture;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\Likeness;
use Facelift\Capture\Review;
use Facelift\Capture\Worked;
use Facelift\Tests\Phones;
use PHPUnit\Framework\TestCase;

final class ReviewTest extends TestCase
{
    public function testWhatCameOffIsSeenAndWhatNobodyTouchedIsAssumed(): void
    {
        $before = self::read(Phones::provisional());
        $review = Review::of($before, self::read(self::worked('T-0001')));
        self::assertContains('bracket', self::ids($review->seen));
        self::assertContains('battery', self::ids($review->seen), 'its plug was pulled: it was before all eyes');
        self::assertContains('rear-camera', self::ids($review->assumed));
        self::assertSame(['tail-screws', 'bracket-short'], self::ids($review->unmeasured));
        self::assertContains(FileSection::Stacks, $review->sections);
        self::assertNotContains(FileSection::Body, $review->sections, 'measured with a ruler');
        self::assertTrue($review->agrees());
    }

    public function testWhatIsMetAndWhatIsNotThereIsNoContradictionInAFirstRepair(): void
    {
        $met = new Captured(
            '0000abcd-0000-4000-8000-000000000001',
            1,
            CaptureKind::MoreScrews,
            '',
            'Met',
            ['bracket'],
            like: new Likeness(2),
        );
        $gone = new Captured('0000abce-0000-4000-8000-000000000001', 2, CaptureKind::NotThere, 'mesh');
        $base = Phones::provisional();
        $review = Review::of(self::read($base), self::read((new Capture($base))->of([$met, $gone])));
        self::assertSame([$met->makes()], self::ids($review->met));
        self::assertSame(['mesh'], self::ids($review->gone));
        self::assertTrue($review->agrees());
    }

    public function testWhatAnEarlierJobSawOtherwiseIsAQuestion(): void
    {
        $first = self::worked('T-0001');
        $counted = new Captured(
            '0000abcd-0000-4000-8000-000000000001',
            1,
            CaptureKind::ScrewsCounted,
            'bracket-short',
            like: new Likeness(6),
        );
        $gone = new Captured('0000abce-0000-4000-8000-000000000001', 2, CaptureKind::NotThere, 'earpiece-flex');
        $met = new Captured(
            '0000abcf-0000-4000-8000-000000000001',
            3,
            CaptureKind::MoreScrews,
            '',
            'Met',
            ['bracket'],
            like: new Likeness(1),
        );
        $second = (new Capture($first, 'T-0002'))->of([$counted, $gone, $met]);
        $review = Review::of(self::read($first), self::read($second));
        self::assertFalse($review->agrees());
        $codes = array_map(static fn($r): string => $r->code, $review->contradicts);
        self::assertContains('seen-otherwise', $codes);
        self::assertContains('met-only-now', $codes);
        self::assertNotContains('seen-and-not-there', $codes, 'nobody had seen the flex');
        $other = $review->contradicts[(int) array_search('seen-otherwise', $codes, true)];
        self::assertSame(['T-0001', 3, 6], [
            $other->figures['job'], $other->figures['count'], $other->figures['nowCount'],
        ]);
        $struck = (new Capture($first, 'T-0002'))->of([
            new Captured('0000abce-0000-4000-8000-000000000001', 2, CaptureKind::NotThere, 'bracket'),
        ]);
        $codes = array_column(array_map(
            static fn($r): array => $r->toArray(),
            Review::of(self::read($first), self::read($struck))->contradicts,
        ), 'code');
        self::assertContains('seen-and-not-there', $codes);
    }

    public function testEveryElementSaysInWhichJobAndTheFileWhatItTook(): void
    {
        $phone = self::read(self::worked('T-0001'));
        self::assertSame('T-0001', $phone->footing->jobs['bracket'] ?? null);
        self::assertArrayNotHasKey('rear-camera', $phone->footing->jobs);
        self::assertSame(12.5, $phone->footing->repairs[0]->steps['unscrew']->seconds);
        // The same job once more is the same repair, and the oldest of many are let go.
        $document = self::worked('T-0001');
        for ($i = 1; $i <= 25; ++$i) {
            $document = Worked::on($document, [], self::repair(\sprintf('T-%04d', $i)));
        }
        $kept = self::read($document)->footing->repairs;
        self::assertCount(20, $kept);
        self::assertSame('T-0025', $kept[19]->job);
        self::assertSame('T-0001', self::read($document)->footing->jobs['bracket'] ?? null);
    }

    public function testTheOneInTheMiddleDoesNotMindWhatTookLongOnce(): void
    {
        self::assertSame(4.0, Median::of([2, 900, 4])->seconds);
        self::assertSame(3.0, Median::of([2, 4])->seconds);
        self::assertSame(1, Median::of([7])->times);
    }

    public function testADrawnPhoneStaysAsItIs(): void
    {
        $drawn = Phones::data('quillon-vesper');
        self::assertSame($drawn, Worked::on($drawn, ['bracket'], self::repair('T-0001')));
        self::assertSame(Rests::Measured, self::read($drawn)->footing->of('bracket'));
    }

    /** @return array<string, mixed> */
    private static function worked(string $job): array
    {
        $handled = ['tail-screws', 'seal', 'bracket-short', 'bracket', 'battery-plug', 'display-plug', 'display'];

        return Worked::on(Phones::provisional(), $handled, self::repair($job));
    }

    private static function repair(string $job): Repair
    {
        return new Repair(
            $job,
            '2026-11-26',
            ['unscrew' => new Median(12.5, 4)],
            3,
            1,
            2,
            TrialOutcome::Passed,
            [],
        );
    }

    /** @param array<string, mixed> $document */
    private static function read(array $document): Phone
    {
        return (new PhoneReader())->read($document);
    }

    /**
     * @param list<Element> $elements
     *
     * @return list<string>
     */
    private static function ids(array $elements): array
    {
        return array_map(static fn(Element $e): string => $e->id, $elements);
    }
}
