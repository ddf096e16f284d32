<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Jobs\Runs;
use App\Models\Job;
use Facelift\Heat\Probe;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Which thermometer is read for which heating, and where its probe sits. */
final class FollowRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'thermometer' => ['required', 'string', 'max:20'],
            'step' => ['required', 'string', 'max:120'],
            'probe' => ['required', Rule::enum(Probe::class)],
            'over' => ['sometimes', 'boolean'],
        ];
    }

    public function step(): string
    {
        return $this->string('step')->toString();
    }

    public function probe(): string
    {
        return $this->string('probe')->toString();
    }

    /** @throws ValidationException If the job's plan has no such heating. */
    public function mustBeAHeating(Job $job): void
    {
        $step = app(Runs::class)->plan($job)->steps[$this->step()] ?? null;
        if ($step?->heatedBond() === null) {
            throw ValidationException::withMessages(['step' => 'is not a heating of this job\'s plan']);
        }
    }
}
