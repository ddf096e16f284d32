<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property bool $expert may move a display's chip
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'role', 'expert'];

    protected $attributes = ['expert' => false];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'expert' => 'boolean'];
    }
}
