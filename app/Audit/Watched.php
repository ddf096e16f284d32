<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\About;
use App\Models\Absence;
use App\Models\Claim;
use App\Models\ClaimPayment;
use App\Models\Figure;
use App\Models\HeatSource;
use App\Models\Job;
use App\Models\JobPhoto;
use App\Models\MinuteFigure;
use App\Models\PartOrder;
use App\Models\ReorderLevel;
use App\Models\Roll;
use App\Models\ShelfItem;
use App\Models\ShopRule;
use App\Models\ShopSetting;
use App\Models\SourceFigure;
use App\Models\SupplierReturn;
use App\Models\Supply;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;

/** Which rows are watched, what of them follows from something else, and what is never written down. */
final readonly class Watched
{
    private const ROWS = [
        Job::class => About::Job,
        ShelfItem::class => About::Part,
        PartOrder::class => About::Order,
        SupplierReturn::class => About::SentBack,
        Claim::class => About::Claim,
        ClaimPayment::class => About::Payment,
        ShopRule::class => About::Rules,
        ShopSetting::class => About::Shop,
        User::class => About::Person,
        Roll::class => About::Roll,
        Supply::class => About::Supply,
        ReorderLevel::class => About::Level,
        HeatSource::class => About::Heat,
        Figure::class => About::Figure,
        MinuteFigure::class => About::Figure,
        SourceFigure::class => About::Figure,
        Absence::class => About::Absence,
        JobPhoto::class => About::Photo,
    ];

    /** The bench has a record of its own; the rest follows from what is written down. */
    private const FOLLOWS = [
        'created_at', 'updated_at', 'version', 'search', 'id', 'user_id', 'remember_token', 'totp_last', 'asked_as',
        'kept_by', 'opened_by', 'taken_by', 'plan', 'plan_works', 'remaining', 'next_step', 'guessed', 'hand',
        'hand_at', 'left_mm', 'left_over',
    ];

    /** Said to have changed, and not to what. */
    private const SECRET = ['password', 'short_code', 'totp_secret', 'calendar_secret', 'receipt'];

    public static function about(Model $row): ?About
    {
        return self::ROWS[$row::class] ?? null;
    }

    public static function tells(string $field): bool
    {
        return !in_array($field, self::FOLLOWS, true);
    }

    public static function isSecret(string $field): bool
    {
        return in_array($field, self::SECRET, true);
    }

    /** As people call it. */
    public static function name(Model $row): string
    {
        $name = match (true) {
            $row instanceof Job => $row->tag(),
            $row instanceof ShelfItem => $row->label,
            $row instanceof PartOrder => $row->name,
            $row instanceof User, $row instanceof Roll => $row->name,
            $row instanceof Supply, $row instanceof HeatSource => $row->name,
            $row instanceof MinuteFigure => $row->kind->value,
            $row instanceof SourceFigure => $row->kind->value,
            $row instanceof Figure => $row->adhesive->value . ', ' . $row->state->value,
            default => '',
        };

        return mb_substr($name, 0, 80);
    }
}
