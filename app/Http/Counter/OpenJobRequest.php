<?php

declare(strict_types=1);

namespace App\Http\Counter;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;

final class OpenJobRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'phone' => ['required', 'string', 'max:80'],
            'modelCode' => ['required', 'string', 'max:40'],
            'colour' => ['nullable', 'string', 'max:40'],
            'customer' => ['required', 'string', 'max:80'],
            'imei' => ['nullable', new ValidImei()],
            'comesOn' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+1 year'],
        ];
    }

    /**
     * @return array{
     *     id: string, phone: string, modelCode: string,
     *     colour: string|null, customer: string, imei: string|null, comesOn: string|null
     * }
     */
    public function job(): array
    {
        return [
            'id' => $this->string('id')->lower()->toString(),
            'phone' => $this->string('phone')->toString(),
            'modelCode' => $this->string('modelCode')->toString(),
            'colour' => $this->filled('colour') ? $this->string('colour')->toString() : null,
            'customer' => $this->string('customer')->trim()->toString(),
            'imei' => $this->filled('imei') ? $this->string('imei')->toString() : null,
            'comesOn' => $this->filled('comesOn') ? $this->string('comesOn')->toString() : null,
        ];
    }
}
