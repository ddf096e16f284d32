<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

use App\Exceptions\Conflict;
use App\Models\ImportState;
use App\Models\ShelfImport;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Takes in a parts list: recognises how it is written and keeps its text; nothing reaches the shelf yet. */
final readonly class ReadPartsList
{
    public function __construct(private ListStore $store) {}

    /** A file that is no parts list is refused as invalid. */
    public function __invoke(User $user, string $id, string $name, string $bytes): ShelfImport
    {
        $there = ShelfImport::query()->find($id);
        if ($there !== null) {
            return $there->user_id === $user->id
                ? $there
                : throw Conflict::notReachable(
                    'This list was sent by somebody else. Send it yourself to take it over; nothing was kept.',
                );
        }
        try {
            [$text, $encoding] = CsvFile::decoded($bytes);
            [$reading, $total] = CsvFile::open($this->store->written($text), $encoding);
            // What a part costs is set by those who may see it, by hand and by a list.
            $reading = Gate::forUser($user)->allows('seeCost', ShelfItem::class) ? $reading : $reading->without('cost');
        } catch (UnreadableList $e) {
            throw ValidationException::withMessages(['list' => $e->getMessage()]);
        }

        $row = [
            'id' => $id,
            'name' => $name,
            'state' => ImportState::Checking,
            'reading' => $reading->toArray() + ['offset' => 0, 'line' => 1],
            'total' => $total,
            'user_id' => $user->id,
        ];

        return DB::connection()->transaction(function () use ($id, $row, $text): ShelfImport {
            $import = ShelfImport::query()->create($row);
            $this->store->put($id, $text);

            return $import->refresh();
        });
    }
}
