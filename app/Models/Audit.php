<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/**
 * One change outside the bench: who, when, of what, from what to what. Lines are added and never changed.
 *
 * @property int                           $id
 * @property int                           $at      ms since 1970
 * @property int|null                      $user_id null for what the machine did
 * @property About                         $about
 * @property string                        $of      key of the row
 * @property string                        $name    as people call it
 * @property Act                           $act
 * @property list<array{string, string|null, string|null}> $changes field, from, to
 * @property-read User|null                $user
 */
final class Audit extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected static function booted(): void
    {
        $never = static fn(): never => throw new LogicException('The record of changes is only added to.');
        self::updating($never);
        self::deleting($never);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'integer', 'about' => About::class, 'act' => Act::class, 'changes' => 'array'];
    }
}
