<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Facelift\Anatomy\Driver;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One thing that is said of the phone on the bench. */
final class CaptureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $new = implode(',', [
            CaptureKind::MoreScrews->value,
            CaptureKind::MorePlug->value,
            CaptureKind::MoreCover->value,
        ]);
        $about = implode(',', [CaptureKind::ScrewsCounted->value, CaptureKind::NotThere->value]);
        $screws = implode(',', [CaptureKind::MoreScrews->value, CaptureKind::ScrewsCounted->value]);

        return [
            'id' => ['required', 'uuid'],
            'at' => ['required', 'integer', 'min:1577836800000', 'max:4102444800000'],
            'kind' => ['required', Rule::enum(CaptureKind::class)],
            'of' => ['present', 'nullable', 'string', 'max:80', "required_if:kind,$about"],
            'name' => ['present', 'nullable', 'string', 'max:60', "required_if:kind,$new"],
            'under' => ['present', 'array', 'list', 'max:20', "required_if:kind,$new"],
            'under.*' => ['string', 'max:80'],
            'count' => ['required', 'integer', 'between:0,40', Rule::when(
                in_array($this->input('kind'), explode(',', $screws), true),
                ['min:1'],
            )],
            'length' => ['present', 'nullable', 'numeric', 'between:0.5,20'],
            'driver' => ['present', 'nullable', Rule::in(['', ...array_column(Driver::cases(), 'value')])],
            'places' => ['present', 'array', 'list', 'max:40'],
            'places.*' => ['array', 'list', 'size:2'],
            'places.*.*' => ['numeric', 'between:-20,320'],
        ];
    }

    public function captured(): Captured
    {
        $places = [];
        foreach ((array) $this->input('places') as $place) {
            [$x, $y] = is_array($place) ? [...array_values($place), 0.0, 0.0] : [0.0, 0.0];
            $places[] = [is_numeric($x) ? (float) $x : 0.0, is_numeric($y) ? (float) $y : 0.0];
        }

        return new Captured(
            mb_strtolower($this->string('id')->toString()),
            $this->integer('at'),
            CaptureKind::from($this->string('kind')->toString()),
            $this->string('of')->toString(),
            $this->string('name')->trim()->toString(),
            array_values(array_filter((array) $this->input('under'), is_string(...))),
            $this->integer('count'),
            $this->filled('length') ? $this->float('length') : null,
            $this->string('driver')->toString(),
            $places,
        );
    }
}
