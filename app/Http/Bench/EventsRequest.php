<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Clocked;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Heat\Reading;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class EventsRequest extends FormRequest
{
    use Clocked;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'events' => ['required', 'array', 'list', 'min:1', 'max:200'],
            'events.*.id' => ['required', 'uuid'],
            'events.*.type' => ['required', Rule::enum(EventType::class)],
            'events.*.at' => self::moment(),
            'sentAt' => ['sometimes', 'integer'],
            'events.*.data' => ['present', 'array', 'max:8'],
            'events.*.data.count' => ['sometimes', 'integer', 'between:0,100'],
            'events.*.data.number' => ['sometimes', 'integer', 'between:1,500'],
            'events.*.data.tenths' => ['sometimes', 'integer', 'between:' . Reading::LOWEST . ',' . Reading::HIGHEST],
            'events.*.data.*' => [static function (string $attribute, mixed $value, \Closure $fail): void {
                if (!is_int($value) && (!is_string($value) || mb_strlen($value) > 300)) {
                    $fail($attribute . ' must be a whole number or a text of at most 300 characters.');
                }
            }],
        ];
    }

    /** @return list<Event> */
    public function events(): array
    {
        // The validator leaves out a map without members.
        /** @var list<array{id: string, type: string, at: int, data?: array<string, string|int>}> $events */
        $events = $this->validated('events');

        return array_map(
            static fn(array $e): Event => new Event(
                mb_strtolower($e['id']),
                EventType::from($e['type']),
                $e['at'],
                $e['data'] ?? [],
            ),
            $events,
        );
    }
}
