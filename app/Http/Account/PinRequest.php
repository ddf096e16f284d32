<?php

declare(strict_types=1);

namespace App\Http\Account;

use Illuminate\Foundation\Http\FormRequest;

/** A PIN to take over at the bench by, with the present password; none to take it away. */
final class PinRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200'],
            'pin' => ['present', 'nullable', 'string', 'regex:/^[0-9]{4,8}$/D', self::notEasy(...)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pin.regex' => 'A PIN has 4 to 8 digits.'];
    }

    public function pin(): ?string
    {
        $pin = $this->input('pin');

        return is_string($pin) ? $pin : null;
    }

    private static function notEasy(string $attribute, mixed $pin, \Closure $fail): void
    {
        $digits = is_string($pin) ? str_split($pin) : [];
        $runs = ['0123456789', '9876543210'];
        $run = array_filter($runs, static fn(string $r): bool => str_contains($r, implode('', $digits)));
        if (count(array_unique($digits)) === 1 || $run !== []) {
            $fail('This is the first that anybody would try: take another.');
        }
    }
}
