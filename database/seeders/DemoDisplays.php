<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Calibration\KeepSeen;
use App\Calibration\MadeUpDisplay;
use App\Calibration\Transfers;
use App\Models\Job;
use App\Models\User;
use Facelift\Calibration\Seen\Identified;
use Facelift\Calibration\Seen\WasKept;
use Facelift\Calibration\Seen\WasRead;
use Facelift\Calibration\Seen\WriteBegun;
use Facelift\Calibration\Socket;
use Facelift\Plan\StepKind;

/** What the programmer has done in the jobs of the demo. */
final readonly class DemoDisplays
{
    public function __construct(private Transfers $transfers, private KeepSeen $keep) {}

    /** Reads the old display, or writes to the new one and reads it back. */
    public function transfer(Job $job, User $user, StepKind $kind, int $at): void
    {
        $layout = $this->transfers->layout($job);
        $socket = $kind === StepKind::ReadMemory ? Socket::Old : Socket::New;
        $display = new MadeUpDisplay('demo-' . $job->number . '-' . $socket->value);
        $bytes = $display->bytes($layout);
        foreach ([
            new Identified($socket, $display->marking, $layout->code),
            new WasRead($socket, $bytes),
            new WasRead($socket, $bytes),
            new WasKept($socket),
        ] as $seen) {
            ($this->keep)($job, $user, $seen, $at);
        }
        if ($socket === Socket::New) {
            $target = (string) $this->transfers->of($job)->target();
            ($this->keep)($job, $user, new WriteBegun(), $at);
            ($this->keep)($job, $user, new Identified($socket, $display->marking, $layout->code), $at);
            ($this->keep)($job, $user, new WasRead($socket, $target), $at);
        }
    }
}
