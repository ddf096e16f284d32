<?php

declare(strict_types=1);

namespace App\Http\Day;

use Illuminate\Foundation\Http\FormRequest;

/** Settings of the shop that are only tried. */
final class ShopEffectRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['settings' => ['required', 'array']];
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        /** @var array<string, mixed> */
        return $this->array('settings');
    }
}
