<?php

declare(strict_types=1);

namespace App\Node;

use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;

/**
 * Work that runs once however many machines there are: whoever holds its lease does it, and renews the lease meanwhile.
 * If that machine dies, another gets it once it has run out. Time is the database's, so that clocks need not agree.
 */
final readonly class Lease
{
    /**
     * @param string $name    of the work
     * @param string $holder  the installation that asks
     * @param int    $seconds that it lasts unless it is renewed
     */
    public function __construct(private string $name, private string $holder, private int $seconds) {}

    /** Of this installation, so that what is started again on the same machine goes on at once. */
    public static function here(string $name, int $seconds): self
    {
        return new self($name, Config::string('facelift.node'), $seconds);
    }

    /**
     * Takes it, or renews it; false while somebody else holds it.
     *
     * @phpstan-impure
     */
    public function hold(): bool
    {
        try {
            DB::table('leases')->insertOrIgnore(['name' => $this->name, 'holder' => '', 'until' => 0]);

            $written = DB::update(
                'update leases set holder = ?, until = ' . self::NOW . ' + ?'
                    . ' where name = ? and (holder = ? or until < ' . self::NOW . ')',
                [$this->holder, 1000 * $this->seconds, $this->name, $this->holder],
            );

            // Renewed within the same millisecond, nothing was written: it is held all the same.
            return $written === 1 || $this->isHeld();
        } catch (\PDOException $e) {
            // Two asked at the same moment, on two nodes of the database: this one was second.
            return (new MetAnother())->causedByConcurrencyError($e) ? false : throw $e;
        }
    }

    private function isHeld(): bool
    {
        return DB::table('leases')
            ->where('name', $this->name)
            ->where('holder', $this->holder)
            ->where('until', '>', DB::raw(self::NOW))
            ->exists();
    }

    /** Gives it up before it runs out. */
    public function release(): void
    {
        DB::table('leases')->where('name', $this->name)->where('holder', $this->holder)->update(['until' => 0]);
    }

    /** ms since 1970, by the database */
    private const NOW = 'cast(unix_timestamp(now(3)) * 1000 as unsigned)';
}
