<?php

declare(strict_types=1);

namespace App\Http\UnderTest;

use App\Http\Clocked;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;

/** What the customer signed on the phone under test. */
final class PhoneSignatureRequest extends FormRequest
{
    use Clocked;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'at' => self::moment(),
            'sentAt' => ['sometimes', 'integer'],
            'name' => ['required', 'string', 'max:80'],
            'strokes' => ['required', 'array', 'list', 'min:1', 'max:100'],
            'strokes.*' => ['array', 'list', 'min:1', 'max:1000'],
        ];
    }

    public function id(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    /** @return list<list<array{float, float}>> within the field of 300 by 100; a point that is none is passed over */
    public function strokes(): array
    {
        $strokes = [];
        foreach ((array) $this->input('strokes', []) as $stroke) {
            $points = [];
            foreach (is_array($stroke) ? $stroke : [] as $point) {
                [$x, $y] = is_array($point) ? [...array_values($point), null, null] : [null, null];
                if (is_numeric($x) && is_numeric($y)) {
                    $points[] = [max(0.0, min(300.0, (float) $x)), max(0.0, min(100.0, (float) $y))];
                }
            }
            $strokes[] = $points;
        }

        return $strokes;
    }

    protected function failedValidation(Validator $validator): void
    {
        throw new HttpResponseException(new JsonResponse(['errors' => $validator->errors()], 422));
    }
}
