<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\KeptCondition;
use App\Casts\KeptQuote;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Payer;
use Facelift\Cost\Quote;
use Facelift\Fit\OldPanel;
use Facelift\Plan\School;
use Illuminate\Contracts\Database\Query\Expression;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * One phone at the counter and on the bench.
 *
 * @property list<array<int, mixed>>|null $remaining what is left to do, as `Facelift\Schedule\Chain` keeps it
 * @property bool                      $guessed true if the plan handles what nobody has seen yet
 * @property int|null                  $hand who did the last step
 * @property int|null                  $hand_at and when, ms since 1970
 * @property int|null                  $pin_at when its next work was asked to begin, ms since 1970
 * @property bool                      $firm true if its promise stands before those of others
 * @property Carbon|null               $comes_on the day on which the phone is brought; null if it is there
 * @property string                    $phone id of the phone file
 * @property array<string, mixed>|null $condition as check-in sent it, in the form of today
 * @property array<string, mixed>|null $heat_source as `Facelift\Heat\SourceReader` reads it
 * @property string|null $heat_reason why it is another one than the recommended
 * @property array<string, mixed>|null $seal way and readings as `App\Jobs\SealWishes` keeps them
 * @property School                    $school how parts go over to a new frame
 * @property OldPanel                  $old_panel what is to become of the old panel
 * @property string|null               $plan JSON text of the plan document the bench works from
 * @property bool|null                 $plan_works null while there is no plan
 * @property string|null               $next_step the first step that is not done; null when all are, or there is no
 *     plan
 * @property string|null               $comeback_of id of the job that this phone came back from
 * @property string|null               $worth what the phone is worth, decimal text
 * @property array{name: string, strokes: list<list<array{float, float}>>, at: string}|null $receipt
 * @property Quote|null                $quote the option that was accepted
 * @property Carbon                    $created_at
 * @property Carbon|null               $nameless_at when the customer was taken out of it
 */
final class Job extends Model
{
    public $incrementing = false;

    /** Set when something that belongs to the job changed in another table: its version has to count up too. */
    public bool $changedBeside = false;

    protected $table = 'repair_jobs';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $attributes = ['old_panel' => 'save', 'school' => 'strip-then-build'];

    /**
     * The columns that a list shows, and nothing that is long: no plan, no quote, and of the condition only what was
     * seen.
     * A job that was fetched so is never saved.
     *
     * @return list<string|Expression>
     */
    public static function listed(): array
    {
        return [
            'id',
            'number',
            'phone',
            'customer',
            'kind',
            'plan_works',
            'next_step',
            'accepted_at',
            'promised_at',
            'handed_over_at',
            'comes_on',
            'closed_as',
            'created_at',
            DB::raw(
                'if(`condition` is null, null, '
                . "json_object('observations', json_extract(`condition`, '$.observations'))) as `condition`",
            ),
        ];
    }

    /** @return HasOne<ShelfItem, $this> */
    public function part(): HasOne
    {
        return $this->hasOne(ShelfItem::class);
    }

    /** @return BelongsTo<self, $this> */
    public function before(): BelongsTo
    {
        return $this->belongsTo(self::class, 'comeback_of');
    }

    /** @return HasMany<JobPhoto, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(JobPhoto::class);
    }

    /** @return HasOne<Claim, $this> */
    public function claim(): HasOne
    {
        return $this->hasOne(Claim::class);
    }

    /** @return HasMany<RunningClock, $this> */
    public function clocks(): HasMany
    {
        return $this->hasMany(RunningClock::class);
    }

    /**
     * The part that is ordered for it and has not come yet.
     *
     * @return HasOne<PartOrder, $this>
     */
    public function order(): HasOne
    {
        return $this->hasOne(PartOrder::class)->ofMany(
            ['created_at' => 'max'],
            static fn(Builder $q) => $q->where('state', OrderState::Ordered),
        );
    }

    /** @return HasMany<BenchEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(BenchEvent::class);
    }

    /** Whatever the price and the plan were computed from has changed: the customer has to say yes again. */
    public function dropQuote(): void
    {
        $this->quote = null;
        $this->accepted_at = null;
        $this->plan = null;
        $this->plan_works = null;
        $this->next_step = null;
        $this->remaining = null;
        $this->heat_source = null;
        $this->heat_reason = null;
        $this->seal = null;
    }

    /** True if the insurer pays: nothing is due at the counter. */
    public function paidByInsurer(): bool
    {
        return ($this->condition['payer'] ?? null) === Payer::Insurer->value;
    }

    protected static function booted(): void
    {
        self::saved(JobWords::saved(...));
    }

    public function tag(): string
    {
        return sprintf('T-%04d', $this->number);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['closed_as' => ClosedAs::class,
            'condition' => KeptCondition::class,
            'plan_works' => 'boolean',
            'remaining' => 'array',
            'guessed' => 'boolean',
            'hand' => 'integer',
            'hand_at' => 'integer',
            'pin_at' => 'integer',
            'firm' => 'boolean',
            'comes_on' => 'date',
            'nameless_at' => 'datetime',
            'kind' => ReplacementKind::class,
            'heat_source' => 'array',
            'seal' => 'array',
            'old_panel' => OldPanel::class,
            'school' => School::class,
            'receipt' => 'array',
            'quote' => KeptQuote::class,
            'worth' => 'string',
            'accepted_at' => 'datetime',
            'promised_at' => 'datetime',
            'handed_over_at' => 'datetime',
        ];
    }
}
