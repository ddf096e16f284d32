<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Facelift\Anatomy\Face;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Where the phone's four corners lie in a photo. */
final class GroundRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'face' => ['required', Rule::enum(Face::class)],
            'corners' => ['present', 'nullable', 'array', 'list', 'size:4'],
            'corners.*' => ['array', 'list', 'size:2'],
            'corners.*.*' => ['numeric', 'between:-2000,6000'],
        ];
    }

    public function face(): Face
    {
        return $this->enum('face', Face::class) ?? Face::Front;
    }

    /** @return list<array{float, float}>|null */
    public function corners(): ?array
    {
        $given = $this->input('corners');
        $corners = [];
        foreach (is_array($given) ? $given : [] as $corner) {
            [$x, $y] = is_array($corner) ? [...array_values($corner), 0, 0] : [0, 0];
            $corners[] = [is_numeric($x) ? (float) $x : 0.0, is_numeric($y) ? (float) $y : 0.0];
        }

        return $corners === [] ? null : $corners;
    }
}
