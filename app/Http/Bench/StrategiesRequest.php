<?php

declare(strict_types=1);

namespace App\Http\Bench;

use Facelift\Fit\OldPanel;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is to become of the old panel while the sources are compared. */
final class StrategiesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['oldPanel' => ['sometimes', Rule::enum(OldPanel::class)]];
    }

    public function oldPanel(): OldPanel
    {
        return OldPanel::from($this->string('oldPanel', OldPanel::Save->value)->toString());
    }
}
