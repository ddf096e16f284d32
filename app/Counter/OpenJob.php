<?php

declare(strict_types=1);

namespace App\Counter;

use App\Models\Job;
use App\Models\User;
use App\Phones\PhoneLibrary;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Opens a job under the id that the client made; the same id again gives the job that is there. */
final readonly class OpenJob
{
    public function __construct(private PhoneLibrary $phones, private PhoneHistory $history) {}

    /**
     * @param array{
     *     id: string, phone: string, modelCode: string,
     *     colour: string|null, customer: string, imei: string|null, comesOn?: string|null
     * } $data
     *
     * @throws ValidationException If the phone file does not know the code or the colour.
     */
    public function __invoke(User $user, array $data): Job
    {
        $identity = $this->phones->phone($data['phone'])->identity;
        if (!isset($identity->codes[$data['modelCode']])) {
            throw ValidationException::withMessages([
                'modelCode' => $data['modelCode']
                    . ' is not a code of '
                    . $identity->name()
                    . ': '
                    . implode(', ', array_keys($identity->codes))
                    . '.',
            ]);
        }
        if ($data['colour'] !== null && !in_array($data['colour'], $identity->colours, true)) {
            throw ValidationException::withMessages([
                'colour' => $identity->name() . ' comes in ' . implode(', ', $identity->colours) . '.',
            ]);
        }

        $comeback = $data['imei'] === null ? null : $this->history->comebackFor($data['imei']);

        return DB::connection()->transaction(static function () use ($user, $data, $comeback): Job {
            $there = Job::query()->lockForUpdate()->find($data['id']);

            return $there
                ?? Job::query()
                    ->create([
                        'id' => $data['id'],
                        'number' => self::nextNumber(),
                        'version' => 1,
                        'phone' => $data['phone'],
                        'model_code' => $data['modelCode'],
                        'colour' => $data['colour'],
                        'imei' => $data['imei'],
                        'comes_on' => $data['comesOn'] ?? null,
                        'customer' => $data['customer'],
                        'comeback_of' => $comeback?->id,
                        'opened_by' => $user->id,
                    ])
                    ->refresh();
        }, 5);
    }

    private static function nextNumber(): int
    {
        $last = Job::query()->lockForUpdate()->orderByDesc('number')->first();

        return ($last->number ?? 300) + 1;
    }
}
