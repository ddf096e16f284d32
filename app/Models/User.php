<?php

declare(strict_types=1);

namespace App\Models;

use Facelift\Schedule\Right;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/**
 * @property string|null $password    null until somebody has set one
 * @property string|null $short_code  hashed; null if none is set
 * @property Collection<int, Right> $rights what not everybody may do at a bench
 * @property Carbon|null $disabled_at since when nobody gets in with it
 * @property string|null $totp_secret in base32; null without a second factor
 * @property int|null    $totp_last   the window of the last code that was taken
 * @property int         $version
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'role', 'rights', 'asked_as'];

    protected $attributes = [
        'rights' => '["uv"]', 'version' => 1, 'disabled_at' => null, 'totp_secret' => null, 'short_code' => null,
    ];

    protected $hidden = ['password', 'remember_token', 'totp_secret', 'short_code'];

    public function isOwner(): bool
    {
        return $this->role === Role::Owner;
    }

    public function may(Right $right): bool
    {
        return $this->rights->contains($right);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'role' => Role::class,
            'rights' => AsEnumCollection::of(Right::class),
            'disabled_at' => 'datetime',
            'totp_secret' => 'encrypted',
            'totp_last' => 'integer',
            'version' => 'integer',
        ];
    }
}
