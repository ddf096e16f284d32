<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\VersionedRequest;
use Facelift\Fit\OldPanel;
use Facelift\Plan\School;
use Illuminate\Validation\Rule;

final class MakePlanRequest extends VersionedRequest
{
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'source' => ['required', 'array'],
            'oldPanel' => ['sometimes', Rule::enum(OldPanel::class)],
            'school' => ['sometimes', Rule::enum(School::class)],
            'reason' => ['sometimes', 'nullable', 'string', 'max:300'],
        ];
    }

    public function oldPanel(): OldPanel
    {
        return OldPanel::from($this->string('oldPanel', OldPanel::Save->value)->toString());
    }

    public function school(): School
    {
        return School::from($this->string('school', School::StripThenBuild->value)->toString());
    }

    /** Why it is another source than the recommended one; null if nothing was said. */
    public function reason(): ?string
    {
        $reason = trim($this->string('reason')->toString());

        return $reason === '' ? null : $reason;
    }

    /** @return array<string, mixed> */
    public function source(): array
    {
        /** @var array<string, mixed> */
        return $this->array('source');
    }
}
