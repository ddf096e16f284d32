<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Models\CameBack;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Geometry\Side;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a phone came back with. */
final class ComeBackRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'what' => ['required', Rule::enum(CameBack::class)],
            'function' => ['nullable', 'required_if:what,' . CameBack::Fails->value, Rule::enum(PhoneFunction::class)],
            'side' => ['nullable', 'required_if:what,' . CameBack::EdgeLifts->value, Rule::enum(Side::class)],
            'text' => ['required', 'string', 'min:3', 'max:300'],
        ];
    }

    public function what(): CameBack
    {
        return CameBack::from($this->string('what')->toString());
    }

    public function failing(): ?PhoneFunction
    {
        return $this->what() === CameBack::Fails
            ? PhoneFunction::tryFrom($this->string('function')->toString())
            : null;
    }

    public function side(): ?Side
    {
        return $this->what() === CameBack::EdgeLifts ? Side::tryFrom($this->string('side')->toString()) : null;
    }
}
