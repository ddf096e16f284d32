<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The words by which a job is found, one row for each, by its number: a range of words gives numbers without reading a
 * job, and a number tells whether another word is there.
 */
final readonly class JobWords
{
    private const TABLE = 'job_words';

    /** As wide as the column. */
    private const LONGEST = 40;

    /** @var list<string> what they are taken from */
    private const COLUMNS = ['number', 'customer', 'phone', 'model_code', 'imei'];

    /** Kept anew if anything that they are taken from was just written; in the same transaction as the job. */
    public static function saved(Job $job): void
    {
        if ($job->wasRecentlyCreated || $job->wasChanged(self::COLUMNS)) {
            self::keep($job);
        }
    }

    /** Those of the job as it is now, and none of those that it had. */
    public static function keep(Job $job): void
    {
        DB::transaction(static function () use ($job): void {
            self::table()->where('number', $job->number)->delete();
            // Two words may be one to the collation.
            self::table()->insertOrIgnore(self::rows($job->number, [
                $job->tag(),
                (string) $job->number,
                $job->customer,
                $job->phone,
                $job->model_code,
                (string) $job->imei,
            ]));
        });
    }

    /**
     * One row for each word of the texts.
     *
     * @param list<string> $texts
     *
     * @return list<array{word: string, number: int}>
     */
    public static function rows(int $number, array $texts): array
    {
        $rows = [];
        foreach (SearchText::words(implode(' ', $texts)) as $word) {
            $word = mb_substr(mb_strtolower($word), 0, self::LONGEST);
            $rows[$word] = ['word' => $word, 'number' => $number];
        }

        return array_values($rows);
    }

    /** Rows with a word that begins so. */
    public static function beginning(string $word): Builder
    {
        return self::table()->where('word', 'like', mb_substr(mb_strtolower($word), 0, self::LONGEST) . '%');
    }

    /** The same, for a query that names numbers: by number first. */
    public static function at(string $word): Builder
    {
        return self::beginning($word)->forceIndex('job_words_number_word_index');
    }

    private static function table(): Builder
    {
        return DB::table(self::TABLE);
    }
}
