<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\CameBack;
use App\Models\Job;
use App\Models\JobFact;
use App\Models\JobWords;
use App\Models\Role;
use App\Models\User;
use App\Phones\PhoneLibrary;
use App\Record\KeepForeseen;
use App\Record\KeepLearnt;
use App\Record\Sums;
use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Family;
use Facelift\Bench\StepTime;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\SourceKind;
use Facelift\Heat\Uncertainty;
use Facelift\Plan\StepKind;
use Facelift\Record\DragChance;
use Facelift\Record\WindowEvidence;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Two years of the stall: jobs that are long closed, as the record keeps them, from a truth that it does not know. */
final class DemoHistory extends Seeder
{
    public const JOBS = 1500;
    private const DAYS = 730;
    private const SEED = 2031;
    private const BATCH = 100;

    /** Phone, adhesive of its display, what its display costs, and how often it comes. */
    private const PHONES = [
        ['quillon-vesper', 'precut-seal', 52.0, 5], ['quillon-vesper-grand', 'precut-seal', 71.0, 3],
        ['quillon-hollin', 'precut-seal', 58.0, 2], ['brasca-fern-4', 'precut-seal', 34.0, 4],
        ['brasca-fern-5', 'precut-seal', 63.0, 5], ['tivane-quire', 'foam-tape', 66.0, 3],
        ['tivane-anvil', 'foam-tape', 49.0, 2], ['maruvi-sorrel', 'strong-glue', 41.0, 3],
    ];
    private const KINDS = ['display-assembly', 'display-assembly', 'display-with-frame', 'glass-only'];
    private const WAYS = ['precut-seal', 'precut-seal', 'tape', 'tape', 'bead', 'tape-and-bead'];
    private const SUPPLIERS = ['Norvend Panels', 'Norvend Panels', 'Oskarrin Screen Trade', 'Market find'];
    private const FIRST = ['Hedda', 'Marek', 'Suvi', 'Ilyas', 'Bente', 'Odile', 'Rurik', 'Tamsin', 'Noor', 'Pelle'];
    private const LAST = ['Brandvold', 'Osei-Lind', 'Karras', 'Viltern', 'Moss', 'Adeyinka', 'Rautio', 'Fenn', 'Iwuji'];

    private Carbon $today;

    private int $behind = 0;

    private HiddenTruth $truth;

    public function __construct(
        private readonly Sums $sums,
        private readonly KeepLearnt $learnt,
        private readonly KeepForeseen $foreseen,
        private readonly PhoneLibrary $library,
    ) {}

    public function run(): void
    {
        $this->truth = new HiddenTruth(self::SEED);
        $this->today = Carbon::now();
        $hands = User::query()->where('role', Role::Technician)->orderBy('id')->pluck('id')->all();
        $users = array_values(array_filter($hands, is_int(...)));
        // Before the jobs of the demo; behind those that there are.
        $there = Job::query()->max('number');
        $this->behind = is_numeric($there) ? (int) $there : 0;
        for ($from = 1; $from <= self::JOBS; $from += self::BATCH) {
            $to = min(self::JOBS, $from + self::BATCH - 1);
            DB::transaction(fn() => $this->batch($from, $to, $users));
            $this->command->line(sprintf('  history: %d of %d jobs', $to, self::JOBS));
        }
    }

    /** @param list<int> $users who work at the bench */
    private function batch(int $from, int $to, array $users): void
    {
        $facts = [];
        $evidence = $times = $chances = $readings = [];
        for ($number = $from; $number <= $to; ++$number) {
            $phone = $this->truth->one($this->phones());
            $fact = $this->fact($number, $phone[0], $phone[2], $this->truth->one($users === [] ? [1] : $users));
            $facts[] = $fact;
            [$seen, $of] = $this->passes(AdhesiveKind::from($phone[1]));
            $evidence[$phone[1]] = ($evidence[$phone[1]] ?? WindowEvidence::none())->with($seen);
            array_push($chances, ...$of);
            $family = $this->library->phone($fact->phone)->family->value;
            $of = $times[$fact->technician][$family] ?? [];
            $times[$fact->technician][$family] = [...$of, ...$this->times()];
            if ($this->truth->chance(HiddenTruth::FAILS[$fact->supplier] ?? 0.0)) {
                $this->sums->partFailed($fact->supplier, $fact->batch, $fact->kind, $fact->closed_at);
            }
        }
        $this->open($facts);
        DB::table('job_facts')->insert(array_map(static fn(JobFact $f): array => $f->getAttributes(), $facts));
        $this->sums->addAll($facts);
        foreach ($facts as $fact) {
            if ($this->truth->chance(0.2)) {
                $fit = $this->truth->plate($fact->closed_at->diffInDays($this->today, true) / 365.25);
                $readings[] = $this->truth->reading();
                $this->learnt->contact($fact->job_id, SourceKind::Plate, $fact->closed_at, $fit);
            }
        }
        $this->foreseen->passes($chances);
        $this->foreseen->readings($readings);
        foreach ($evidence as $adhesive => $of) {
            $this->learnt->evidence(AdhesiveKind::from($adhesive), AdhesiveState::Fresh, $of);
        }
        foreach ($times as $user => $families) {
            foreach ($families as $family => $of) {
                $this->learnt->minutes((int) $user, Family::from($family), $of);
            }
        }
    }

    /** @return array{WindowEvidence, list<array{float, bool}>} and the chance of a drag, with whether it did */
    private function passes(AdhesiveKind $adhesive): array
    {
        $estimate = KeepLearnt::estimate($adhesive, AdhesiveState::Fresh);
        [$off, $passes] = $this->truth->bond($adhesive);
        $unsure = hypot($off, Uncertainty::windowOf(AdhesiveState::Fresh));
        $chances = [];
        foreach ($passes as $pass) {
            if ($pass->dragged !== null) {
                $chances[] = [DragChance::of($pass->ends - $estimate->window->low, $unsure), $pass->dragged];
            }
        }

        return [WindowEvidence::of($estimate, $off, $passes), $chances];
    }

    /** @return non-empty-list<array{string, string, float}> each as often as it comes */
    private function phones(): array
    {
        $phones = [];
        foreach (self::PHONES as [$phone, $adhesive, $costs, $often]) {
            array_push($phones, ...array_fill(0, $often, [$phone, $adhesive, $costs]));
        }

        return $phones === [] ? throw new \LogicException('no phones') : $phones;
    }

    private function fact(int $number, string $phone, float $costs, int $user): JobFact
    {
        // A stall that grows: the later the more jobs, the first two years ago.
        $ago = self::DAYS * (1 - ($number / self::JOBS) ** 0.8);
        $closed = $this->today->copy()->subMinutes((int) (1440 * ($ago + 1)));
        [$way, $supplier] = [$this->truth->one(self::WAYS), $this->truth->one(self::SUPPLIERS)];
        $make = str_contains($way, 'tape') ? $this->truth->one(array_keys(HiddenTruth::MAKES)) : '';
        $kind = $this->truth->one(self::KINDS);
        $part = (int) (100 * $costs * ($kind === 'glass-only' ? 0.2 : 1.0) * $this->truth->between(0.9, 1.15));
        $net = (int) (1.25 * $part + $this->truth->between(3_500, 6_500));
        $planned = $this->truth->between(1_800, 3_600);
        $ready = $closed->copy()->subMinutes((int) $this->truth->between(10, 240));
        $back = $this->truth->comesBack($way, $supplier, $make);

        return new JobFact([
            'job_id' => sprintf('00000000-0000-7000-a000-%012d', $this->behind + $number),
            'number' => $this->behind + $number,
            'closed_at' => $closed,
            'way' => $way,
            'adhesive' => $make,
            'supplier' => $supplier,
            'kind' => $kind,
            'phone' => $phone,
            'technician' => (string) $user,
            'batch' => sprintf('HB-%03d', intdiv($number, 12)),
            'gross' => (int) round(1.19 * $net),
            'net' => $net,
            'tax' => (int) round(0.19 * $net),
            'part' => $part,
            'consumables' => (int) $this->truth->between(120, 480),
            'warranty' => false,
            'planned' => (int) $planned,
            'taken' => (int) ($planned * exp($this->truth->between(-0.25, 0.4))),
            'promised_at' => $ready->copy()->addMinutes((int) $this->truth->between(-30, 90)),
            'ready_at' => $ready,
            'torn' => $this->truth->chance(HiddenTruth::TORN),
            'ruined' => $this->truth->chance(HiddenTruth::RUINED),
            'back_days' => $back !== null && $back < $ago ? $back : null,
            'back_what' => $back !== null && $back < $ago ? $this->truth->one(CameBack::cases()) : null,
        ]);
    }

    /** @return list<StepTime> */
    private function times(): array
    {
        $times = [];
        foreach (array_keys(HiddenTruth::TIMES) as $kind) {
            foreach ($this->truth->steps(StepKind::from($kind)) as [$planned, $taken]) {
                $times[] = new StepTime(StepKind::from($kind), $planned, $taken, $this->truth->chance(0.01));
            }
        }

        return $times;
    }

    /**
     * The jobs themselves, as they are found and opened.
     *
     * @param list<JobFact> $facts
     */
    private function open(array $facts): void
    {
        $jobs = $words = [];
        foreach ($facts as $fact) {
            $customer = $this->truth->one(self::FIRST) . ' ' . $this->truth->one(self::LAST);
            $code = $this->library->phone($fact->phone)->identity->codes[0] ?? '';
            $jobs[] = [
                'id' => $fact->job_id,
                'number' => $fact->number,
                'phone' => $fact->phone,
                'model_code' => $code,
                'customer' => $customer,
                'kind' => $fact->kind,
                'opened_by' => (int) $fact->technician,
                'hand' => (int) $fact->technician,
                'promised_at' => $fact->promised_at,
                'handed_over_at' => $fact->closed_at,
                'closed_as' => 'handed-over',
                'created_at' => $fact->closed_at->copy()->subHours(5),
                'updated_at' => $fact->closed_at,
            ];
            $tag = sprintf('T-%04d', $fact->number);
            $texts = [$tag, (string) $fact->number, $customer, $fact->phone, $code];
            array_push($words, ...JobWords::rows($fact->number, $texts));
        }
        DB::table('repair_jobs')->insert($jobs);
        DB::table('job_words')->insertOrIgnore($words);
    }
}
