<?php

declare(strict_types=1);

namespace App\Http\Privacy;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/** Jobs of one customer, each named by whoever knows which are meant. */
final class CustomerJobsRequest extends FormRequest
{
    public const MOST = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'jobs' => ['required', 'array', 'list', 'min:1', 'max:' . self::MOST],
            'jobs.*' => ['required', 'uuid', 'distinct'],
        ];
    }

    /**
     * @return Collection<int, Job>
     *
     * @throws ValidationException If one of them is not there.
     */
    public function jobs(): Collection
    {
        $low = static fn(mixed $id): string => is_string($id) ? mb_strtolower($id) : '';
        $ids = array_map($low, $this->array('jobs'));
        $jobs = Job::query()->with(['part', 'claim'])->whereIn('id', $ids)->orderBy('number')->get();

        return $jobs->count() === count($ids)
            ? $jobs
            : throw ValidationException::withMessages(['jobs' => 'One of these jobs is not there. Nothing was done.']);
    }
}
