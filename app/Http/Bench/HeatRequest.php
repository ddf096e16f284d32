<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Facelift\Fit\OldPanel;
use Facelift\Heat\AdhesiveState;
use Facelift\Heat\Usual;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A heating to be tried out on paper. */
class HeatRequest extends FormRequest
{
    private const ROOM = Usual::ROOM;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'phone' => ['required', 'string', 'max:80'],
            'bond' => ['required', 'string', 'max:80'],
            'source' => ['required', 'array'],
            'state' => ['sometimes', Rule::enum(AdhesiveState::class)],
            'oldPanel' => ['sometimes', Rule::enum(OldPanel::class)],
            'stack' => ['sometimes', 'string', 'max:80'],
            'seconds' => ['sometimes', 'numeric', 'between:0,1800'],
            'room' => ['sometimes', 'numeric', 'between:5,40'],
        ];
    }

    public function phone(): string
    {
        return $this->string('phone')->toString();
    }

    public function bond(): string
    {
        return $this->string('bond')->toString();
    }

    /** @return array<string, mixed> */
    public function source(): array
    {
        /** @var array<string, mixed> */
        return $this->array('source');
    }

    public function state(): AdhesiveState
    {
        return AdhesiveState::from($this->string('state', AdhesiveState::Fresh->value)->toString());
    }

    public function oldPanel(): OldPanel
    {
        return OldPanel::from($this->string('oldPanel', OldPanel::Save->value)->toString());
    }

    /** A stack of the phone to look into; null for none. */
    public function stack(): ?string
    {
        return $this->has('stack') ? $this->string('stack')->toString() : null;
    }

    /** °C */
    public function room(): float
    {
        return $this->has('room') ? $this->float('room') : self::ROOM;
    }
}
