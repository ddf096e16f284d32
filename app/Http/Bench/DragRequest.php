<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Clocked;
use Illuminate\Foundation\Http\FormRequest;

/** Where a blade that drags stands. */
final class DragRequest extends FormRequest
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
            'mm' => ['required', 'numeric', 'between:0,400'],
        ];
    }

    public function text(string $key): string
    {
        return $this->string($key)->toString();
    }
}
