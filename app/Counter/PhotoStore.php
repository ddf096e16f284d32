<?php

declare(strict_types=1);

namespace App\Counter;

use Illuminate\Support\Facades\DB;

/** The bytes of photos, in a table of their own: whoever lists photos does not read them. They go with their row. */
final readonly class PhotoStore
{
    public function keep(string $id, ReadPicture $picture): void
    {
        DB::table('photo_files')->insert(['photo_id' => $id, 'jpeg' => $picture->jpeg]);
    }

    /** Null if there are none for this photo. */
    public function jpeg(string $id): ?string
    {
        $bytes = DB::table('photo_files')->where('photo_id', $id)->value('jpeg');

        return is_string($bytes) ? $bytes : null;
    }
}
