<?php

declare(strict_types=1);

namespace App\Http\Account;

use App\Models\Role;
use Facelift\Schedule\Right;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Somebody who is added, or changed. */
final class AccountRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $new = $this->isMethod('POST');

        return [
            'id' => [$new ? 'required' : 'prohibited', 'uuid'],
            'email' => [$new ? 'required' : 'prohibited', 'string', 'email', 'max:190'],
            'name' => ['required', 'string', 'min:2', 'max:80'],
            'role' => ['required', Rule::enum(Role::class)],
            'rights' => ['present', 'list', 'max:3'],
            'rights.*' => [Rule::enum(Right::class), 'distinct'],
            'version' => [$new ? 'prohibited' : 'required', 'integer', 'min:1'],
            'disabled' => [$new ? 'prohibited' : 'required', 'boolean'],
        ];
    }

    /** @return array{name: string, role: Role, rights: list<Right>} */
    public function changes(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'role' => Role::from($this->string('role')->toString()),
            'rights' => array_values($this->enums('rights', Right::class)),
        ];
    }

    public function email(): string
    {
        return mb_strtolower($this->string('email')->trim()->toString());
    }
}
