<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\Decided;
use App\Http\VersionedRequest;
use App\Models\User;
use Closure;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\DataWay;
use Facelift\Schedule\Right;
use Illuminate\Validation\Rule;

final class AcceptQuoteRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'kind' => ['required', Rule::enum(ReplacementKind::class)],
            'item' => ['required', 'integer'],
            'gross' => ['required', 'string', 'regex:/^\d{1,6}\.\d{2}$/'],
            'warranty' => ['sometimes', 'boolean'],
            'data' => ['sometimes', 'nullable', 'array:way,by'],
            'data.way' => ['required_with:data', Rule::enum(DataWay::class), $this->expertForChips(...)],
            'data.by' => ['required_with:data', 'string', 'min:2', 'max:80'],
        ];
    }

    private function expertForChips(string $attribute, mixed $way, Closure $fail): void
    {
        $user = $this->user();
        if ($way === DataWay::Chip->value && !($user instanceof User && $user->may(Right::Expert))) {
            $fail('Moving a chip is chosen by somebody with the right to do it.');
        }
    }

    public function decided(): ?Decided
    {
        $way = $this->enum('data.way', DataWay::class);

        return $way === null ? null : new Decided($way, $this->string('data.by')->trim()->toString());
    }
}
