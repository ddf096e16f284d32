<?php

declare(strict_types=1);

namespace App\Calibration;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\User;
use App\Node\Lease;
use Closure;
use Facelift\Calibration\Ask;
use Facelift\Calibration\AskKind;
use Facelift\Calibration\MemoryLayout;
use Facelift\Calibration\NotNow;
use Facelift\Calibration\Seen\Failed;
use Facelift\Calibration\Seen\Seen;
use Facelift\Calibration\Seen\WasKept;
use Facelift\Calibration\Seen\WriteBegun;
use Facelift\Calibration\Socket;
use Facelift\Calibration\WireFault;
use Facelift\Document\Reason;
use Illuminate\Support\Str;

/** Goes on with a transfer as far as it goes by itself: to the kept dump of the old display, to the end, or a fault. */
final readonly class WorkTransfer
{
    /** More than this in a row happens only if something answers without sense; an emergency brake. */
    private const MOST = 60;

    /** One programmer, one hand: a shop has one. */
    private const LOCK = 'programmer';
    /** That it is held without a sign of work; between two blocks pass at most a few. */
    private const SECONDS = 30;

    public function __construct(private Transfers $transfers, private KeepSeen $keep) {}

    /**
     * @param Closure(Ask, int, int): void $progress what is being done, and blocks done of so many
     *
     * @return Reason|null what was plugged in wrongly; null if nothing was
     *
     * @throws Conflict If somebody else is at the programmer, or the job is closed.
     */
    public function __invoke(Job $job, User $user, ProgrammerWire $wire, Closure $progress): ?Reason
    {
        // On whichever machine it is asked for; whoever is stopped half-way lets go of it by running out.
        $lease = new Lease(self::LOCK, Str::random(20), self::SECONDS);
        if (!$lease->hold()) {
            throw Conflict::notReachable('The programmer is in use for another display. Try again when it is done.');
        }
        $renewed = time();
        $goesOn = static function (Ask $ask, int $done, int $of) use ($lease, $progress, &$renewed): void {
            if (time() - $renewed >= self::SECONDS / 4) {
                $renewed = time();
                $lease->hold();
            }
            $progress($ask, $done, $of);
        };
        try {
            return $this->work($job, $user, new Programmer($wire), $goesOn);
        } finally {
            $wire->hangUp();
            $lease->release();
        }
    }

    /** @param Closure(Ask, int, int): void $progress */
    private function work(Job $job, User $user, Programmer $programmer, Closure $progress): ?Reason
    {
        $transfer = $this->transfers->of($job);
        for ($i = 0; $i < self::MOST && $transfer->ending() === null; ++$i) {
            $ask = $transfer->next();
            if ($ask->kind === AskKind::Write) {
                ($this->keep)($job, $user, new WriteBegun());
            }
            $seen = $this->seen($ask, $transfer->layout, $programmer, $progress);
            try {
                $transfer = $seen === null ? $this->transfers->of($job) : ($this->keep)($job, $user, $seen);
            } catch (NotNow $e) {
                return $e->reason ?? throw $e;
            }
            if (self::stops($seen)) {
                return null;
            }
        }

        return null;
    }

    /** @param Closure(Ask, int, int): void $progress */
    private function seen(Ask $ask, MemoryLayout $layout, Programmer $programmer, Closure $progress): ?Seen
    {
        return $ask->kind === AskKind::Keep
            ? new WasKept($ask->socket)
            : $programmer->do($ask, $layout, static fn(int $done, int $of) => $progress($ask, $done, $of));
    }

    /** What is write-protected is read back at once; after any other fault hands are needed. */
    private static function stops(?Seen $seen): bool
    {
        return ($seen instanceof Failed && $seen->fault !== WireFault::WriteProtected)
            || ($seen instanceof WasKept && $seen->socket === Socket::Old);
    }
}
