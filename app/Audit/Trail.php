<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\Act;
use App\Models\Audit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;

/** Writes down what is changed outside the bench, in the transaction that changes it. */
final readonly class Trail
{
    /** characters of a value that are written down */
    private const LONGEST = 2000;

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
                $changes[] = self::change($field, $from, $to);
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

    /** @return array{string, string|null, string|null} */
    private static function change(string $field, mixed $from, mixed $to): array
    {
        return Watched::isSecret($field)
            ? [$field, $from === null ? null : '•••', $to === null ? null : '•••']
            : [$field, self::text($from), self::text($to)];
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
