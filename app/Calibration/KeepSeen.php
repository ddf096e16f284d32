<?php

declare(strict_types=1);

namespace App\Calibration;

use App\Exceptions\Conflict;
use App\Jobs\Runs;
use App\Jobs\Standing;
use App\Models\BenchEvent;
use App\Models\Job;
use App\Models\KeptDump;
use App\Models\TransferEvent;
use App\Models\User;
use Facelift\Bench\DataState;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Calibration\Dump;
use Facelift\Calibration\DumpDocument;
use Facelift\Calibration\NotNow;
use Facelift\Calibration\Seen\Seen;
use Facelift\Calibration\Seen\WasRead;
use Facelift\Calibration\Socket;
use Facelift\Calibration\Transfer;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Keeps one thing that happened at the programmer, and tells the bench what it has to know of it. */
final readonly class KeepSeen
{
    public function __construct(private Transfers $transfers, private Runs $runs, private Standing $standing) {}

    /**
     * @return Transfer the transfer with it
     *
     * @throws NotNow   If it cannot have happened as the transfer now stands: nothing is kept.
     * @throws Conflict If the job is closed, or has no plan that works.
     */
    public function __invoke(Job $job, User $user, Seen $seen, ?int $at = null): Transfer
    {
        $at ??= now()->getTimestampMs();

        return DB::connection()->transaction(function () use ($job, $user, $seen, $at): Transfer {
            $locked = Job::query()->lockForUpdate()->findOrFail($job->id);
            if ($locked->handed_over_at !== null) {
                throw Conflict::closed($locked);
            }
            $before = $this->transfers->of($locked);
            $after = $before->seen($seen);
            TransferEvent::query()->create(TransferEvent::members($seen) + [
                'job_id' => $locked->id,
                'number' => 1 + TransferEvent::query()->where('job_id', $locked->id)->count(),
                'dump_id' => $seen instanceof WasRead ? $this->dump($locked, $after, $seen, $at)->id : null,
                'user_id' => $user->id,
                'at' => $at,
            ]);
            if ($after->mayGo() && !$before->mayGo()) {
                $this->tell($locked, $user, $at, ['state' => DataState::Kept->value]);
            }
            if ($after->ending() !== null && $after->ending() !== $before->ending()) {
                $this->tell($locked, $user, $at, [
                    'state' => DataState::Ended->value,
                    'ending' => $after->ending()->value,
                ]);
            }

            return $after;
        }, 3);
    }

    private function dump(Job $job, Transfer $after, WasRead $seen, int $at): KeptDump
    {
        $panel = $seen->socket === Socket::Old ? $after->old->panel : $after->new->panel;
        $connector = $this->transfers->panel($job)->connectorCode;
        $dump = Dump::of((string) $panel, $connector, $after->layout, $seen->bytes);

        return KeptDump::query()->create([
            'id' => Str::uuid()->toString(),
            'job_id' => $job->id,
            'socket' => $seen->socket->value,
            'panel' => $dump->panel,
            'layout' => $after->layout->code,
            'crc32' => sprintf('%08X', $dump->crc32()),
            'document' => json_encode((new DumpDocument())->write($dump), JSON_THROW_ON_ERROR),
            'at' => $at,
        ]);
    }

    /** @param array<string, string> $data */
    private function tell(Job $job, User $user, int $at, array $data): void
    {
        $event = new Event(Str::uuid()->toString(), EventType::Data, $at, $data);
        $run = $this->runs->run($job)->with($event);
        BenchEvent::query()->create([
            'id' => $event->id,
            'job_id' => $job->id,
            'type' => $event->type,
            'at' => $at,
            'data' => $data,
            'user_id' => $user->id,
        ]);
        $this->standing->moved($job, $run);
        $job->save();
    }
}
