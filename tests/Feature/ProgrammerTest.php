<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calibration\Programmer;
use App\Calibration\ProgrammerWire;
use Closure;
use Facelift\Calibration\AskKind;
use Facelift\Calibration\Ending;
use Facelift\Calibration\Seen\Failed;
use Facelift\Calibration\Seen\WasKept;
use Facelift\Calibration\Seen\WriteBegun;
use Facelift\Calibration\Socket;
use Facelift\Calibration\Transfer;
use Facelift\Calibration\WireFault;
use Facelift\Tests\Calibration\Made;
use PHPUnit\Framework\TestCase;

/** A programmer over TCP: every fault over the real wire, with a stand-in that the test starts itself. */
final class ProgrammerTest extends TestCase
{
    private ProgrammerStandIn $standIn;

    private string $own = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->standIn = ProgrammerStandIn::start();
        $this->own = Made::dump([
            32 => pack('v2', 3227, 3390), 64 => pack('v', 900), 96 => pack('V', 3), 200 => 'own',
        ])->bytes;
        $this->standIn->tell('plug old QV46P-0713 QV-46P QV-A ' . bin2hex(Made::dump()->bytes));
        $this->standIn->tell('plug new QV46P-0999 QV-46P QV-A ' . bin2hex($this->own));
    }

    protected function tearDown(): void
    {
        $this->standIn->stop();
        parent::tearDown();
    }

    public function testTheWholeTransferWithItsProgress(): void
    {
        $seen = [];
        $transfer = $this->worked(static function (int $done, int $of) use (&$seen): void {
            $seen[] = "$done/$of";
        });
        self::assertSame(Ending::Copied, $transfer->ending());
        self::assertSame(bin2hex((string) $transfer->target()), $this->standIn->shown('new'));
        self::assertSame(bin2hex(Made::dump()->bytes), $this->standIn->shown('old'));
        // Five readings of eight blocks, and the two blocks that hold what differs.
        self::assertSame(['1/8', '8/8', '1/2', '2/2'], [$seen[0], $seen[7], $seen[32], $seen[33]]);
        self::assertCount(42, $seen);
    }

    /** Every fault while the old one is read: named as it is, nothing is lost, and once it is gone the way goes on. */
    public function testFaultsWhileReading(): void
    {
        foreach ([
            'fault no-contact' => WireFault::NoContact,
            'fault wrong-checksum' => WireFault::WrongChecksum,
            'fault unplugged 4' => WireFault::Unplugged,
            'fault silent' => WireFault::TimedOut,
        ] as $command => $fault) {
            $this->standIn->tell($command);
            $transfer = $this->until(static fn(Transfer $t): bool => $t->trouble !== null);
            self::assertSame($fault, $transfer->trouble, $command);
            self::assertFalse($transfer->mayGo());
            $this->standIn->tell('fault none');
            self::assertSame(Ending::Copied, $this->worked(from: $transfer)->ending(), $command);
            $this->standIn->tell('plug new QV46P-0999 QV-46P QV-A ' . bin2hex($this->own));
        }
    }

    /** Two of three blocks come with a flipped bit, two of three lines are whole: it is asked again, and right. */
    public function testABadContactAndAGarbledLineAreAskedAgain(): void
    {
        foreach (['bad-contact', 'garble'] as $fault) {
            $this->standIn->tell('plug new QV46P-0999 QV-46P QV-A ' . bin2hex($this->own));
            $this->standIn->tell("fault $fault");
            $transfer = $this->worked();
            self::assertSame(Ending::Copied, $transfer->ending(), $fault);
            self::assertSame(bin2hex((string) $transfer->target()), $this->standIn->shown('new'));
        }
    }

    public function testUnpluggedHalfWayThroughTheWriting(): void
    {
        $transfer = $this->until(static fn(Transfer $t): bool => $t->next()->kind === AskKind::Write);
        $this->standIn->tell('fault unplugged 0');
        $transfer = $this->until(static fn(Transfer $t): bool => $t->trouble !== null, $transfer);
        self::assertSame(WireFault::Unplugged, $transfer->trouble);
        self::assertNull($transfer->holds(), 'nobody knows what is on it');
        $known = [bin2hex($this->own), bin2hex((string) $transfer->target())];
        self::assertNotContains($this->standIn->shown('new'), $known);
        $this->standIn->tell('fault none');
        self::assertSame(Ending::Copied, $this->worked(from: $transfer)->ending());
        self::assertSame(bin2hex((string) $transfer->target()), $this->standIn->shown('new'));
    }

    public function testAProtectedPanelKeepsWhatItHad(): void
    {
        $this->standIn->tell('fault write-protected');
        self::assertSame(Ending::Protected, $this->worked()->ending());
        self::assertSame(bin2hex($this->own), $this->standIn->shown('new'));
    }

    public function testAPanelOfAnotherLayout(): void
    {
        $this->standIn->tell('plug new TQ-1 TQ-40D TQ-B ' . bin2hex($this->own));
        self::assertSame(Ending::OtherLayout, $this->worked()->ending());
        self::assertSame(bin2hex($this->own), $this->standIn->shown('new'));
    }

    public function testNobodyThereIsATimeOut(): void
    {
        $transfer = Transfer::begin(Made::layout());
        $nobody = new Programmer(new ProgrammerWire('127.0.0.1:1', 0.2));
        $seen = $nobody->do($transfer->next(), $transfer->layout, static fn() => null);
        self::assertEquals(new Failed(Socket::Old, WireFault::TimedOut), $seen);
    }

    /** @param (Closure(int, int): void)|null $progress */
    private function worked(?Closure $progress = null, ?Transfer $from = null): Transfer
    {
        return $this->until(static fn(Transfer $t): bool => $t->ending() !== null, $from, $progress);
    }

    /**
     * @param Closure(Transfer): bool         $until
     * @param (Closure(int, int): void)|null $progress
     */
    private function until(Closure $until, ?Transfer $from = null, ?Closure $progress = null): Transfer
    {
        $programmer = new Programmer(new ProgrammerWire($this->standIn->address, 0.3));
        $transfer = $from ?? Transfer::begin(Made::layout());
        for ($i = 0; ($i === 0 && $from !== null) || !$until($transfer); ++$i) {
            self::assertLessThan(60, $i, 'it does not come to an end');
            $ask = $transfer->next();
            if ($ask->kind === AskKind::Keep) {
                $transfer = $transfer->seen(new WasKept($ask->socket));
                continue;
            }
            if ($ask->kind === AskKind::Write) {
                $transfer = $transfer->seen(new WriteBegun());
            }
            $seen = $programmer->do($ask, $transfer->layout, $progress ?? static fn() => null);
            $transfer = $seen === null ? $transfer : $transfer->seen($seen);
        }

        return $transfer;
    }
}
