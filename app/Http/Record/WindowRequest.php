<?php

declare(strict_types=1);

namespace App\Http\Record;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Heat\AdhesiveState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A learnt window that is to be used from now on, or not any more. */
final class WindowRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => [$this->isMethod('PUT') ? 'required' : 'prohibited', 'uuid'],
            'adhesive' => ['required', 'string', Rule::enum(AdhesiveKind::class)],
            'state' => ['required', 'string', Rule::enum(AdhesiveState::class)],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->toString();
    }

    public function adhesive(): AdhesiveKind
    {
        return AdhesiveKind::from($this->string('adhesive')->toString());
    }

    public function state(): AdhesiveState
    {
        return AdhesiveState::from($this->string('state')->toString());
    }
}
