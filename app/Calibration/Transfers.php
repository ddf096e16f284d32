<?php

declare(strict_types=1);

namespace App\Calibration;

use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\TransferEvent;
use App\Models\TransferKind;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\Panel;
use Facelift\Calibration\MemoryLayout;
use Facelift\Calibration\Transfer;

/** The transfer of a job's display data as it stands: what happened, folded. */
final readonly class Transfers
{
    public function __construct(private PhoneLibrary $phones) {}

    public function panel(Job $job): Panel
    {
        return $this->phones->phone($job->phone)->panel;
    }

    /** @throws Conflict If the phone file does not say what lies in the memory. */
    public function layout(Job $job): MemoryLayout
    {
        return $this->panel($job)->data->layout ?? throw Conflict::notReachable(
            'The phone file does not say what lies in this display\'s memory. Fill it in at Phones.',
        );
    }

    /** @throws Conflict If the phone file does not say what lies in the memory. */
    public function of(Job $job): Transfer
    {
        $transfer = Transfer::begin($this->layout($job));
        foreach (TransferEvent::query()->with('dump')->where('job_id', $job->id)->orderBy('number')->get() as $event) {
            $transfer = $transfer->seen($event->seen());
        }

        return $transfer;
    }

    /** How often one after the other it has failed by now; 0 after anything that went well. */
    public function failedInARow(Job $job): int
    {
        $events = TransferEvent::query()->where('job_id', $job->id);
        $well = (clone $events)->where('kind', '!=', TransferKind::Failed)->max('number');

        return $events->where('number', '>', is_numeric($well) ? (int) $well : 0)->count();
    }
}
