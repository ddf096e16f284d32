<?php

declare(strict_types=1);

namespace Facelift\Tests\Calibration;

use Eris\Generators;
use Eris\TestTrait;
use Facelift\Calibration\Ask;
use Facelift\Calibration\AskKind;
use Facelift\Calibration\Ending;
use Facelift\Calibration\FieldKind;
use Facelift\Calibration\NotNow;
use Facelift\Calibration\Seen\Failed;
use Facelift\Calibration\Seen\GivenUp;
use Facelift\Calibration\Seen\Identified;
use Facelift\Calibration\Seen\OtherPart;
use Facelift\Calibration\Seen\Seen;
use Facelift\Calibration\Seen\WasKept;
use Facelift\Calibration\Seen\WasRead;
use Facelift\Calibration\Seen\WriteBegun;
use Facelift\Calibration\Socket;
use Facelift\Calibration\Transfer;
use Facelift\Calibration\WireFault;
use Facelift\Tests\Dice;
use PHPUnit\Framework\TestCase;

final class TransferTest extends TestCase
{
    use TestTrait;

    private const LAYOUT = 'QV-A';

    public function testTheWholeWayWithoutAFault(): void
    {
        $new = self::new(new Dice(1));
        $asked = [];
        $transfer = self::worked(self::old(new Dice(1)), $new, static function (Ask $ask) use (&$asked): void {
            $asked[] = $ask->socket->value . ' ' . $ask->kind->value;
        });
        self::assertSame([
            'old identify', 'old read', 'old read', 'old keep',
            'new identify', 'new read', 'new read', 'new keep', 'new write', 'new identify', 'new read',
        ], $asked);
        self::assertSame(Ending::Copied, $transfer->ending());
        self::assertSame($transfer->target(), $new->bytes);
    }

    /** The old one's colour goes over; hours, part number and bytes of unknown meaning stay the new panel's. */
    public function testOnlyWhatIsKnownAndNotOfThePanelItselfIsWritten(): void
    {
        $new = self::new(new Dice(1));
        $own = $new->bytes;
        self::worked(self::old(new Dice(1)), $new);
        foreach (Made::layout()->fields as $field) {
            $from = $field->kind->ofThePanel() ? $own : Made::dump()->bytes;
            self::assertSame($field->bytes($from), $field->bytes($new->bytes), $field->name);
        }
        self::assertSame(substr($own, 100), substr($new->bytes, 100));
        self::assertSame(
            Made::layout()->of(FieldKind::Counter)[0]->numbers($own),
            Made::layout()->of(FieldKind::Counter)[0]->numbers($new->bytes),
        );
    }

    /** Whatever goes wrong for however long: once it no longer does, the data is over, and was never at risk. */
    public function testFaultsDelayAndNeverSpoil(): void
    {
        $this->minimumEvaluationRatio(0.9)
            ->limitTo(200)
            ->forAll(Generators::choose(0, 1 << 30), Generators::choose(5, 60), Generators::choose(1, 60))
            ->then(static function (int $seed, int $percent, int $until): void {
                $dice = new Dice($seed);
                [$old, $new] = [self::old($dice, $percent), self::new($dice, $percent)];
                [$data, $own] = [$old->bytes, $new->bytes];
                $steps = 0;
                $transfer = self::worked($old, $new, static function () use (&$steps, $until, $old, $new): void {
                    if (++$steps === $until) {
                        $old->faulty = $new->faulty = 0;
                    }
                });
                self::assertSame($data, $transfer->old->bytes());
                self::assertSame($own, $transfer->new->bytes());
                self::assertSame($transfer->holds(), $new->bytes);
                self::assertContains($transfer->ending(), [Ending::Copied, Ending::Restored]);
                self::assertSame(
                    $transfer->ending() === Ending::Copied ? $transfer->target() : $own,
                    $new->bytes,
                );
            });
    }

    public function testAProtectedPanelIsLeftAsItWas(): void
    {
        $new = self::new(new Dice(1));
        $new->protected = true;
        $own = $new->bytes;
        $transfer = self::worked(self::old(new Dice(1)), $new);
        self::assertSame(Ending::Protected, $transfer->ending());
        self::assertSame($own, $new->bytes);
    }

    /** No writing ever comes to its end: it is tried until somebody gives it up, and then called what it is. */
    public function testAPanelThatCannotBeWrittenIsCalledWhatItIs(): void
    {
        [$old, $new] = [self::old(new Dice(3)), self::new(new Dice(3))];
        $new->tears = true;
        $transfer = Transfer::begin(Made::layout());
        $begun = 0;
        while ($begun < 8 || $transfer->holds() === null) {
            $ask = $transfer->next();
            if ($ask->kind === AskKind::Write) {
                ++$begun;
                $transfer = $transfer->seen(new WriteBegun());
                $new->write($ask->blocks);
            } else {
                $transfer = $transfer->seen(self::done($ask, $old, $new));
            }
            self::assertNull($transfer->ending());
        }
        $given = $transfer->seen(new GivenUp('eight writings, none came to its end'));
        self::assertSame(Ending::Spoiled, $given->ending());
        self::assertSame($new->bytes, $given->holds());
        self::assertNotContains($new->bytes, [$given->target(), $given->new->bytes()]);
    }

    public function testThreeTornWritingsAreTakenBack(): void
    {
        $new = self::new(new Dice(5));
        $own = $new->bytes;
        $new->tears = true;
        $begun = 0;
        $transfer = self::worked(self::old(new Dice(5)), $new, static function (Ask $ask) use (&$begun, $new): void {
            $begun += $ask->kind === AskKind::Write ? 1 : 0;
            $new->tears = $begun <= Transfer::TRIES;
        });
        self::assertSame(Ending::Restored, $transfer->ending());
        self::assertSame($own, $new->bytes);
        self::assertSame(Transfer::TRIES + 1, $begun);
    }

    public function testAPanelThatHoldsTheSameIsNotWritten(): void
    {
        $old = self::old(new Dice(1));
        $new = new Socketed('another', $old->bytes, new Dice(1));
        self::assertSame(Ending::HeldAlready, self::worked($old, $new)->ending());
    }

    /** Killed between writing and reading back, once for every point of the way: it goes on to the same end. */
    public function testStoppedAnywhereItGoesOn(): void
    {
        for ($stop = 0; $stop < 11; ++$stop) {
            [$old, $new] = [self::old(new Dice(1)), self::new(new Dice(1))];
            $told = [];
            $transfer = Transfer::begin(Made::layout());
            for ($i = 0; $transfer->next()->kind !== AskKind::Nothing; ++$i) {
                self::assertLessThan(40, $i);
                $ask = $transfer->next();
                if ($ask->kind === AskKind::Write) {
                    $told[] = new WriteBegun();
                    $new->write($ask->blocks);
                } elseif ($i !== $stop) {
                    // At the stop it was done, and nobody lived to tell.
                    $told[] = self::done($ask, $old, $new);
                }
                $transfer = array_reduce(
                    $told,
                    static fn(Transfer $t, Seen $s): Transfer => $t->seen($s),
                    Transfer::begin(Made::layout()),
                );
            }
            self::assertSame(Ending::Copied, $transfer->ending());
            self::assertSame($transfer->target(), $new->bytes);
        }
    }

    public function testTheOldPanelMayNotGoUnread(): void
    {
        $transfer = Transfer::begin(Made::layout())
            ->seen(new Identified(Socket::Old, 'QV-46P 0713', self::LAYOUT))
            ->seen(new WasRead(Socket::Old, Made::dump()->bytes));
        self::assertFalse($transfer->mayGo());
        $unequal = $transfer->seen(new WasRead(Socket::Old, Made::dump([7 => 'x'])->bytes));
        self::assertEquals(Ask::read(Socket::Old), $unequal->next());
        self::assertSame(1, $unequal->old->apart);
        $given = $transfer->seen(new Failed(Socket::Old, WireFault::NoContact))->seen(new GivenUp('no contact'));
        self::assertSame(Ending::NoDump, $given->ending());
        self::assertFalse($given->mayGo());
    }

    public function testAnotherLayoutIsNotWritten(): void
    {
        $transfer = self::upToNew()->seen(new Identified(Socket::New, 'other', 'TQ-B'));
        self::assertSame(Ending::OtherLayout, $transfer->ending());
        self::assertSame(AskKind::Nothing, $transfer->next()->kind);
    }

    public function testTheOldPanelInTheNewOnesPlaceIsNoticed(): void
    {
        $this->expectException(NotNow::class);
        $this->expectExceptionMessage('transfer-is-the-old-one: QV-46P 0713');
        self::upToNew()->seen(new Identified(Socket::New, 'QV-46P 0713', self::LAYOUT));
    }

    public function testItIsNotGivenUpWhileNobodyKnowsWhatIsOnIt(): void
    {
        $own = Made::dump([64 => "\x01\x02"])->bytes;
        $transfer = self::upToNew()
            ->seen(new Identified(Socket::New, 'new', self::LAYOUT))
            ->seen(new WasRead(Socket::New, $own))
            ->seen(new WasRead(Socket::New, $own))
            ->seen(new WasKept(Socket::New))
            ->seen(new WriteBegun())
            ->seen(new Failed(Socket::New, WireFault::Unplugged));
        self::assertNull($transfer->holds());
        self::assertSame(WireFault::Unplugged, $transfer->trouble);
        $this->expectException(NotNow::class);
        $transfer->seen(new GivenUp('enough'));
    }

    public function testWhatIsNotAskedForIsRefused(): void
    {
        $this->expectException(NotNow::class);
        $this->expectExceptionMessage('Asked for is: identify, old display. Told was: keep, old display.');
        Transfer::begin(Made::layout())->seen(new WasKept(Socket::Old));
    }

    private static function upToNew(): Transfer
    {
        return Transfer::begin(Made::layout())
            ->seen(new Identified(Socket::Old, 'QV-46P 0713', self::LAYOUT))
            ->seen(new WasRead(Socket::Old, Made::dump()->bytes))
            ->seen(new WasRead(Socket::Old, Made::dump()->bytes))
            ->seen(new WasKept(Socket::Old));
    }

    private static function old(Dice $dice, int $faulty = 0): Socketed
    {
        return new Socketed('QV-46P 0713', Made::dump()->bytes, $dice, $faulty);
    }

    private static function new(Dice $dice, int $faulty = 0): Socketed
    {
        $own = Made::dump([
            0 => 'QV46P-0999', 32 => pack('v2', 3227, 3390), 64 => "\0\x04", 96 => "\0\0", 120 => 'mine', 200 => 'own',
        ]);

        return new Socketed('QV-46P 0999', $own->bytes, $dice, $faulty);
    }

    /** Another new display begins anew, at any point and after the end; the old one's data stays kept. */
    public function testAnotherNewDisplayBeginsAnew(): void
    {
        $ended = self::worked(self::old(new Dice(1)), self::new(new Dice(1)));
        $again = $ended->seen(new OtherPart());
        self::assertNull($again->ending());
        self::assertTrue($again->mayGo());
        self::assertSame([AskKind::Identify, Socket::New], [$again->next()->kind, $again->next()->socket]);
        self::assertNull($again->holds());
        self::assertSame($ended->old->bytes(), $again->old->bytes());
    }

    /** @param (\Closure(Ask): void)|null $before each thing that is done */
    private static function worked(Socketed $old, Socketed $new, ?\Closure $before = null): Transfer
    {
        $transfer = Transfer::begin(Made::layout());
        for ($i = 0; ($ask = $transfer->next())->kind !== AskKind::Nothing; ++$i) {
            self::assertLessThan(3000, $i, 'it does not come to an end');
            $before?->__invoke($ask);
            if ($ask->kind === AskKind::Write) {
                $transfer = $transfer->seen(new WriteBegun());
                $fault = $new->write($ask->blocks);
                $transfer = $fault === null ? $transfer : $transfer->seen(new Failed(Socket::New, $fault));
            } else {
                $transfer = $transfer->seen(self::done($ask, $old, $new));
            }
            if ($transfer->mayGo()) {
                self::assertSame($old->bytes, $transfer->old->bytes());
            }
        }

        return $transfer;
    }

    private static function done(Ask $ask, Socketed $old, Socketed $new): Seen
    {
        $panel = $ask->socket === Socket::Old ? $old : $new;
        $fault = $ask->kind === AskKind::Keep ? null : $panel->fault();
        if ($fault !== null) {
            return new Failed($ask->socket, $fault);
        }

        return match ($ask->kind) {
            AskKind::Identify => new Identified($ask->socket, $panel->panel, self::LAYOUT),
            AskKind::Read => new WasRead($ask->socket, $panel->read()),
            AskKind::Keep => new WasKept($ask->socket),
            default => throw new \LogicException('not here'),
        };
    }
}
