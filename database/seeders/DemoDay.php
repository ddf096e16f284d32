<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Counter\HandOver;
use App\Jobs\Runs;
use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\Job;
use App\Models\OrderState;
use App\Models\PartOrder;
use App\Models\PartState;
use App\Models\ShelfItem;
use App\Models\User;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Plan\StepKind;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The rest of a day at the stall: phones of all families, under clamps, waiting, on order, not here yet. */
final class DemoDay extends Seeder
{
    private const PLATE = ['kind' => 'plate', 'set' => 85];
    private const GUN = ['kind' => 'hot-air', 'set' => 135, 'distance' => 30, 'edge' => 100];

    public function __construct(
        private readonly DemoWork $work,
        private readonly DemoStock $stock,
        private readonly HandOver $handOver,
        private readonly PhoneLibrary $phones,
        private readonly Runs $runs,
    ) {}

    public function run(): void
    {
        $tomo = User::query()->where('email', 'technician@lindenhalt.example')->firstOrFail();
        $nuria = User::query()->where('email', 'second@lindenhalt.example')->firstOrFail();
        $this->work->by($tomo);

        // Handed over yesterday; the insurer has not paid yet.
        $owed = $this->job('quillon-vesper-grand', 'Ferenc Amadi', payer: 'insurer');
        $this->authorised($owed);
        $owed = $this->planned($owed, ReplacementKind::DisplayAssembly);
        $this->work->done($owed, PHP_INT_MAX, 5400);
        $this->handOver->__invoke(
            $owed->refresh(),
            $owed->version,
            true,
            null,
            true,
        );

        // Under clamps, at the charger, finished, and planned.
        $this->work->by($nuria);
        $larch = $this->planned($this->job('brasca-larch', 'Odile Varenne'), ReplacementKind::DisplayAssembly);
        $this->until($larch, StepKind::Clamp, 6);
        $hollin = $this->planned($this->job('quillon-hollin', 'Piet Amrein'), ReplacementKind::DisplayAssembly);
        $this->until($hollin, StepKind::Charge, 4);
        $done = $this->planned($this->job('tivane-anvil', 'Rosa Tillmann'), ReplacementKind::DisplayAssembly);
        $this->work->done($done, PHP_INT_MAX, 1500);
        $this->work->by($tomo);
        $this->planned($this->job('brasca-fern-4', 'Ines Kolbe'), ReplacementKind::DisplayWithFrame);
        $this->planned($this->job('maruvi-cobnut', 'Aurel Popov'), ReplacementKind::DigitizerOnly);

        // Waiting for a part, for one that is overdue, and for the phone itself.
        $this->onOrder($this->job('tivane-quire', 'Gita Moreau'), $tomo, 2);
        $this->onOrder($this->job('maruvi-sorrel', 'Bent Aalders'), $tomo, -1);
        $away = $this->job('ondrel-gatefold', 'Kerstin Wolde');
        $away->update(['comes_on' => Carbon::today()->addDays(3)]);
        $this->onOrder($away->refresh(), $tomo, 4);
        $this->stock->fill();
    }

    private function job(string $phone, string $customer, string $payer = 'customer'): Job
    {
        $identity = $this->phones->phone($phone)->identity;

        return $this->work->job(
            $phone,
            (string) array_key_first($identity->codes),
            $identity->colours[0],
            $customer,
            ['cracked-glass'],
            [],
            [[[14, 118], [30, 96], [44, 60]]],
            payer: $payer,
        );
    }

    private function planned(Job $job, ReplacementKind $kind): Job
    {
        $label = $this->stock->own($job->phone, $kind);
        foreach ([self::PLATE, self::GUN] as $i => $source) {
            $job = $i === 0
                ? $this->work->planned($job, $kind, $label, $source)
                : $this->work->planAnew($job, $source);
            if ($job->plan_works === true) {
                return $job;
            }
        }
        throw new \LogicException($job->tag() . ' has no plan that works');
    }

    /** Worked until a clock runs, since so many minutes. */
    private function until(Job $job, StepKind $kind, int $minutes): void
    {
        $at = 0;
        foreach ($this->runs->plan($job)->steps as $step) {
            if ($step->kind() === $kind) {
                $this->work->clockRuns($job, $at, $step, 60 * $minutes);

                return;
            }
            ++$at;
        }
        throw new \LogicException($job->tag() . ' has no ' . $kind->value);
    }

    private function authorised(Job $job): void
    {
        Claim::query()->create([
            'id' => Str::uuid()->toString(),
            'job_id' => $job->id,
            'policy' => 'LV-2210-7',
            'asked' => '260.00',
            'authorised' => '260.00',
            'reference' => 'made-up-4471',
            'state' => ClaimState::Authorised,
            'due_on' => Carbon::today()->subDays(2),
        ]);
    }

    /** As if the supplier had said yes some days ago. */
    private function onOrder(Job $job, User $user, int $days): void
    {
        $kind = ReplacementKind::DisplayAssembly;
        $order = PartOrder::query()->create([
            'id' => Str::uuid()->toString(),
            'job_id' => $job->id,
            'kind' => $kind->value,
            'sku' => 'N-' . strtoupper(substr(hash('sha256', $job->phone), 0, 6)),
            'name' => 'Norvend Panels, display assembly for ' . $job->model_code,
            'price' => '64.80',
            'lead_days' => 4,
            'state' => OrderState::Ordered,
            'reference' => 'B-' . $job->number,
            'due_on' => Carbon::today()->addDays($days),
            'user_id' => $user->id,
        ]);
        $label = ShelfItem::query()->create([
            'label' => 'S-' . (480 + PartOrder::query()->count()),
            'name' => $order->name,
            'kind' => $kind,
            'model_codes' => [$job->model_code],
            'supplier' => 'Norvend Panels',
            'batch' => $order->sku,
            'place' => '–',
            'state' => PartState::Ordered,
            'cost' => $order->price,
            'job_id' => $job->id,
        ]);
        $order->update(['item_id' => $label->id]);
        $this->work->ordered($job, $kind);
    }
}
