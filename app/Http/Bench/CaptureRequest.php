<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Clocked;
use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Driver;
use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\PartKind;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;
use Facelift\Capture\Likeness;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One thing that is said of the phone on the bench. */
final class CaptureRequest extends FormRequest
{
    use Clocked;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kinds = CaptureKind::cases();
        $new = array_filter($kinds, static fn(CaptureKind $k): bool => $k->isNew());
        $known = array_filter($kinds, static fn(CaptureKind $k): bool => !$k->isNew());
        // A part may be met on its own; everything else is met at something.
        $at = array_filter($new, static fn(CaptureKind $k): bool => $k !== CaptureKind::MorePart);
        $kind = $this->input('kind');
        $screws = is_string($kind) && CaptureKind::tryFrom($kind)?->isOfScrews() === true;

        return [
            'id' => ['required', 'uuid'],
            'at' => self::moment(),
            'sentAt' => ['sometimes', 'integer'],
            'kind' => ['required', Rule::enum(CaptureKind::class)],
            'of' => ['present', 'nullable', 'string', 'max:80', self::requiredIf($known)],
            'name' => ['present', 'nullable', 'string', 'max:60', self::requiredIf($new)],
            'under' => ['present', 'array', 'list', 'max:40', self::requiredIf($at)],
            'under.*' => ['string', 'max:80'],
            'after' => ['nullable', 'array', 'list', 'max:40'],
            'after.*' => ['string', 'max:80'],
            'places' => ['present', 'array', 'list', 'max:40'],
            'places.*' => ['array', 'list', 'size:2'],
            'places.*.*' => ['numeric', 'between:-20,320'],
            'count' => ['required', 'integer', 'between:0,40', Rule::when($screws, ['min:1'])],
            'length' => ['present', 'nullable', 'numeric', 'between:0.5,20'],
            'driver' => ['present', 'nullable', Rule::enum(Driver::class)],
            'adhesive' => ['present', 'nullable', Rule::enum(AdhesiveKind::class)],
            'plug' => ['present', 'nullable', Rule::enum(ConnectorKind::class)],
            'clip' => ['present', 'nullable', 'boolean'],
            'part' => ['present', 'nullable', Rule::enum(PartKind::class)],
            'pairing' => ['present', 'nullable', Rule::enum(Pairing::class)],
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
            $this->filled('after') ? array_values(array_filter((array) $this->input('after'), is_string(...))) : null,
            $places,
            new Likeness(
                $this->integer('count'),
                $this->filled('length') ? $this->float('length') : null,
                $this->enum('driver', Driver::class),
                $this->enum('adhesive', AdhesiveKind::class),
                $this->enum('plug', ConnectorKind::class),
                $this->filled('clip') ? $this->boolean('clip') : null,
                $this->enum('part', PartKind::class),
                $this->enum('pairing', Pairing::class),
            ),
        );
    }

    /** @param array<CaptureKind> $kinds */
    private static function requiredIf(array $kinds): string
    {
        return 'required_if:kind,' . implode(',', array_column($kinds, 'value'));
    }
}
