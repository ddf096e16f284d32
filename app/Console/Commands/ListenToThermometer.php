<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Thermometer\Intake;
use App\Bench\Thermometer\Wire;
use App\Exceptions\Reported;
use App\Node\Lease;
use App\Providers\TestClock;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Sleep;
use PDOException;

/** Listens to a thermometer for as long as it runs, and dials again whenever the line is lost. */
final class ListenToThermometer extends Command
{
    /** s that this machine listens without saying so again */
    private const LEASE = 9;
    /** s between two looks at the lease */
    private const LOOK = 3;

    protected $signature = 'facelift:thermometer {--once : end when the line is lost}';

    protected $description = 'Take in the readings of a thermometer';

    public function handle(Intake $intake): int
    {
        $wire = new Wire(Config::string('facelift.thermometer'));
        $clock = new TestClock(Config::string('facelift.clock'));
        $lease = Lease::here('thermometer', self::LEASE);
        $held = 0;
        do {
            $garbled = 0;
            if (!self::holds($lease)) {
                // Another machine listens. It is looked at again before its lease can have run out unseen.
                Sleep::for(self::LOOK)->seconds();

                continue;
            }
            $held = time();
            foreach ($wire->lines() as $line) {
                $clock->wind();
                if (time() - $held >= self::LOOK) {
                    $held = time();
                    if (!self::holds($lease)) {
                        break;
                    }
                }
                $garbled += $this->took($intake, $line) ? 0 : 1;
            }
            if ($garbled > 0) {
                Log::warning('thermometer: ' . $garbled . ' garbled lines were left out');
            }
            Sleep::for(1)->second();
        } while ($this->option('once') !== true);

        return self::SUCCESS;
    }

    /**
     * While the database is away nobody can know, and nothing could be kept.
     *
     * @phpstan-impure
     */
    private static function holds(Lease $lease): bool
    {
        try {
            return $lease->hold();
        } catch (PDOException) {
            return false;
        }
    }

    /** A database that is away for a moment costs readings, not the line. */
    private function took(Intake $intake, string $line): bool
    {
        try {
            return $intake->take($line);
        } catch (QueryException $e) {
            Log::warning('thermometer: a reading was lost: ' . Reported::text($e));

            return true;
        }
    }
}
