<?php

declare(strict_types=1);

namespace App\Record;

use App\Exceptions\Conflict;
use App\Jobs\ShopDay;
use App\Models\Figure;
use App\Models\MinuteFigure;
use App\Models\Role;
use App\Models\User;
use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Facelift\Record\WindowEvidence;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Whether what is learnt is used by itself, and if so, once a day what was learnt since. */
final readonly class TakesOver
{
    /** Jobs that a window has to be seen in before it is used by itself. */
    private const ENOUGH = 10;

    public function __construct(
        private ShopDay $day,
        private Windows $windows,
        private Minutes $minutes,
        private Contact $contact,
    ) {}

    public function isSet(): bool
    {
        return $this->day->row()->takes_over;
    }

    /** The same again changes nothing; what is used already stays until it is taken back. */
    public function set(bool $takesOver): void
    {
        $this->day->row()->update(['takes_over' => $takesOver]);
    }

    /** Whoever takes one back decides by hand from then on: else it would be taken over again by itself. */
    public function windowBack(AdhesiveKind $adhesive, AdhesiveState $state): void
    {
        DB::connection()->transaction(function () use ($adhesive, $state): void {
            $this->set(false);
            $this->windows->takeBack($adhesive, $state);
        });
    }

    /** The same of minutes. */
    public function minutesBack(): void
    {
        DB::connection()->transaction(function (): void {
            $this->set(false);
            $this->minutes->takeBack();
        });
    }

    /** The same of the plate's contact. */
    public function contactBack(): void
    {
        DB::connection()->transaction(function (): void {
            $this->set(false);
            $this->contact->takeBack();
        });
    }

    /** @return int figures that were taken over; none if the owner does it by hand */
    public function onceADay(): int
    {
        $owner = User::query()->where('role', Role::Owner)->orderBy('id')->first();
        if ($owner === null || !$this->isSet()) {
            return 0;
        }
        $taken = 0;
        foreach (DB::table('window_sums')->orderBy('adhesive')->orderBy('state')->get() as $row) {
            $adhesive = AdhesiveKind::from(Cell::text($row->adhesive));
            $state = AdhesiveState::from(Cell::text($row->state));
            $jobs = WindowEvidence::from(Cell::text($row->evidence))->jobs;
            $used = Figure::query()->where('adhesive', $adhesive)->where('state', $state)->first();
            if ($jobs >= self::ENOUGH && $jobs !== $used?->jobs && !self::isOfToday($used?->created_at)) {
                $this->windows->takeOver(Str::uuid()->toString(), $adhesive, $state, $owner);
                ++$taken;
            }
        }
        if (!self::isOfToday($this->contact->since()) && $this->contact->hasMore()) {
            $this->contact->takeOver(Str::uuid()->toString(), $owner);
            ++$taken;
        }
        try {
            $last = MinuteFigure::query()->orderByDesc('created_at')->first()?->created_at;
            $more = !self::isOfToday($last) && $this->minutes->hasMore();
            $taken += $more ? $this->minutes->takeOver(Str::uuid()->toString(), $owner) : 0;
        } catch (Conflict) {
            // Not seen often enough yet: estimates stand.
        }

        return $taken;
    }

    private static function isOfToday(?Carbon $at): bool
    {
        return $at !== null && $at->gt(Carbon::now()->subHours(20));
    }
}
