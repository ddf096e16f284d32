<?php

declare(strict_types=1);

namespace App\Http\UnderTest;

use App\Bench\UnderTest;
use App\Http\Clocked;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Proof\Outcome;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\Rule;

/** What a phone under test says of one function. */
final class PhoneResultRequest extends FormRequest
{
    use Clocked;

    /** What a browser may tell beside an outcome. */
    private const TOLD = [
        'first', 'heard', 'floor', 'level', 'width', 'height', 'charge', 'network', 'lux', 'least', 'pressure',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'at' => self::moment(),
            'sentAt' => ['sometimes', 'integer'],
            'function' => ['required', Rule::in(array_column(UnderTest::TESTS, 'value'))],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'strokes' => ['sometimes', 'array', 'list', 'max:400'],
            'strokes.*' => ['array', 'list', 'max:3000'],
            'fingers' => ['sometimes', 'integer', 'between:0,20'],
            'ghosts' => ['sometimes', 'integer', 'between:0,10000'],
            'marks' => ['sometimes', 'array', 'list', 'max:50'],
            'marks.*' => ['array', 'list', 'size:2'],
            'marks.*.*' => ['numeric', 'between:-10,400'],
            'told' => ['sometimes', 'array:' . implode(',', self::TOLD)],
        ];
    }

    /** @return array<string, string|float> what is a figure or a short word, the rest passed over */
    public function told(): array
    {
        $told = [];
        foreach (self::TOLD as $key) {
            $value = $this->input("told.$key");
            if (is_int($value) || is_float($value)) {
                $told[$key] = (float) max(-1e6, min(1e6, $value));
            } elseif (is_string($value) && preg_match('/^[a-z ]{1,40}$/', $value) === 1) {
                $told[$key] = $value;
            }
        }

        return $told;
    }

    public function id(): string
    {
        return mb_strtolower($this->string('id')->toString());
    }

    public function tested(): PhoneFunction
    {
        return PhoneFunction::from($this->string('function')->toString());
    }

    public function outcome(): Outcome
    {
        return Outcome::from($this->string('outcome')->toString());
    }

    /** @return list<list<array{float, float, float}>> mm and ms; a point that is none is passed over */
    public function strokes(): array
    {
        $strokes = [];
        foreach ((array) $this->input('strokes', []) as $stroke) {
            $points = [];
            foreach (is_array($stroke) ? $stroke : [] as $point) {
                [$x, $y, $ms] = is_array($point) ? [...array_values($point), null, null, null] : [null, null, null];
                if (is_numeric($x) && is_numeric($y) && is_numeric($ms)) {
                    $points[] = [(float) $x, (float) $y, (float) $ms];
                }
            }
            $strokes[] = $points;
        }

        return $strokes;
    }

    /** @return array<string, int> fingers felt at once and touches of nobody, where they were looked for */
    public function felt(): array
    {
        $felt = [];
        foreach (['fingers', 'ghosts'] as $key) {
            if ($this->filled($key)) {
                $felt[$key] = $this->integer($key);
            }
        }

        return $felt;
    }

    /** @return list<array{float, float}> mm */
    public function marks(): array
    {
        $marks = [];
        foreach ((array) $this->input('marks', []) as $mark) {
            [$x, $y] = is_array($mark) ? [...array_values($mark), 0.0, 0.0] : [0.0, 0.0];
            $marks[] = [is_numeric($x) ? (float) $x : 0.0, is_numeric($y) ? (float) $y : 0.0];
        }

        return $marks;
    }

    protected function failedValidation(Validator $validator): void
    {
        throw new HttpResponseException(new JsonResponse(['errors' => $validator->errors()], 422));
    }
}
