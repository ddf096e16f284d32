<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Clocked;
use Facelift\Bench\Trouble;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class TroubleRequest extends FormRequest
{
    use Clocked;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'at' => self::moment(),
            'sentAt' => ['sometimes', 'integer'],
            'step' => ['required', 'string', 'max:120'],
            'trouble' => ['required', Rule::enum(Trouble::class)],
            'subject' => ['required', 'string', 'max:120'],
        ];
    }

    public function text(string $key): string
    {
        return $this->string($key)->toString();
    }
}
