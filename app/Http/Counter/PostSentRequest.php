<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Foundation\Http\FormRequest;

/** What goes back by post; of what does not, why. */
final class PostSentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'goes' => ['required', 'array', 'list', 'min:1', 'max:40'],
            'goes.*' => ['array:what,why'],
            'goes.*.what' => ['required', 'string', 'distinct', 'max:80'],
            'goes.*.why' => ['nullable', 'string', 'min:3', 'max:120'],
            'parcel' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return list<array{what: string, why: string|null}> */
    public function goes(): array
    {
        $goes = [];
        foreach ((array) $this->input('goes') as $one) {
            if (is_array($one) && is_string($one['what'] ?? null)) {
                $goes[] = ['what' => $one['what'], 'why' => is_string($one['why'] ?? null) ? $one['why'] : null];
            }
        }

        return $goes;
    }
}
