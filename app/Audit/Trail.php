<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\Act;
use App\Models\Audit;
use App\Models\Job;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Writes down what is changed outside the bench, in the transaction that changes it. */
final readonly class Trail
{
    /** characters of a value that are written down */
    private const LONGEST = 2000;

    /** of a document; more, and it is written down as a whole */
    private const MEMBERS = 20;

    public function made(Model $row): void
    {
        $changes = [];
        foreach ($row->getAttributes() as $field => $to) {
            if ($to !== null && Watched::tells($field)) {
                $changes[] = self::change($field, null, $to);
            }
        }
        $this->write($row, Act::Made, $changes);
    }

    public function changed(Model $row): void
    {
        $changes = [];
        foreach ($row->getChanges() as $field => $to) {
            $from = $row->getRawOriginal($field);
            if (Watched::tells($field) && self::text($from) !== self::text($to)) {
                array_push($changes, ...self::members($field, $from, $to));
            }
        }
        if ($changes !== []) {
            $this->write($row, Act::Changed, $changes);
        }
    }

    public function gone(Model $row): void
    {
        $this->write($row, Act::Gone, []);
    }

    /**
     * Takes values out of what was written down of a job and what belongs to it: that something was changed, by whom
     * and when, stays. The one thing that is ever changed in the record, and it is written down itself.
     *
     * @param list<string> $values such as a customer's name
     */
    public function forgets(Job $job, array $values): void
    {
        $values = array_filter($values, static fn(string $v): bool => $v !== '');
        // In the record values are within JSON, and so is a quote within a value.
        $kept = static fn(string $v): string => trim((string) json_encode($v), '"');
        $hidden = array_unique([...array_map($kept, $values), ...array_map($kept, array_map($kept, $values))]);
        $rows = DB::table('audits')->whereIn('of', [$job->id, ...$this->belongingTo($job)])->get(['id', 'changes']);
        foreach ($rows as $row) {
            $masked = is_string($row->changes) ? str_replace($hidden, '•••', $row->changes) : '[]';
            DB::table('audits')->where('id', $row->id)->update(['changes' => $masked]);
        }
        $this->write($job, Act::Changed, [['customer', '•••', $job->customer]]);
    }

    /** @return list<string> keys of what is written down apart and is of this job */
    private function belongingTo(Job $job): array
    {
        return $job->claim === null ? [] : [$job->claim->id];
    }

    /** @param list<array{string, string|null, string|null}> $changes */
    private function write(Model $row, Act $act, array $changes): void
    {
        $about = Watched::about($row);
        $key = $row->getKey();
        if ($about === null) {
            return;
        }
        Audit::query()->create([
            'at' => Carbon::now()->getTimestampMs(),
            'user_id' => Auth::id(),
            'about' => $about,
            'of' => is_scalar($key) ? (string) $key : '',
            'name' => Watched::name($row),
            'act' => $act,
            'changes' => $changes,
        ]);
    }

    /**
     * Of a document its members that differ, each by its place, unless it has become another one.
     *
     * @return non-empty-list<array{string, string|null, string|null}>
     */
    private static function members(string $field, mixed $from, mixed $to): array
    {
        $members = [];
        if (!Watched::isSecret($field) && is_string($from) && is_string($to)) {
            [$was, $is] = [json_decode($from, true), json_decode($to, true)];
            [$was, $is] = is_array($was) && is_array($is) ? [Arr::dot($was), Arr::dot($is)] : [[], []];
            foreach (array_keys($was + $is) as $place) {
                [$before, $after] = [$was[$place] ?? null, $is[$place] ?? null];
                // Beside members that came or went an empty list says nothing.
                if ($before !== $after && $before !== [] && $after !== []) {
                    $members[] = self::change("$field.$place", $before, $after);
                }
            }
        }

        return $members === [] || count($members) > self::MEMBERS ? [self::change($field, $from, $to)] : $members;
    }

    /** @return array{string, string|null, string|null} */
    private static function change(string $field, mixed $from, mixed $to): array
    {
        return Watched::isSecret($field)
            ? [$field, $from === null ? null : '•••', $to === null ? null : '•••']
            : [$field, self::text(self::asCalled($field, $from)), self::text(self::asCalled($field, $to))];
    }

    /** A job by its tag, as people call it; who reads the record knows no keys. */
    private static function asCalled(string $field, mixed $value): mixed
    {
        return $field === 'job_id' && $value !== null
            ? Job::query()->whereKey($value)->first()?->tag() ?? $value
            : $value;
    }

    private static function text(mixed $value): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof \DateTimeInterface => $value->format('Y-m-d H:i:s'),
            $value instanceof \BackedEnum => (string) $value->value,
            is_bool($value) => $value ? '1' : '0',
            is_scalar($value) => mb_substr((string) $value, 0, self::LONGEST),
            default => mb_substr((string) json_encode($value), 0, self::LONGEST),
        };
    }
}
