<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Thermometer\Intake;
use App\Bench\Thermometer\Wire;
use App\Providers\TestClock;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Sleep;

/** Listens to a thermometer for as long as it runs, and dials again whenever the line is lost. */
final class ListenToThermometer extends Command
{
    protected $signature = 'facelift:thermometer {--once : end when the line is lost}';

    protected $description = 'Take in the readings of a thermometer';

    public function handle(Intake $intake): int
    {
        $wire = new Wire(Config::string('facelift.thermometer'));
        $clock = new TestClock(Config::string('facelift.clock'));
        do {
            $garbled = 0;
            foreach ($wire->lines() as $line) {
                $clock->wind();
                $garbled += $this->took($intake, $line) ? 0 : 1;
            }
            if ($garbled > 0) {
                Log::warning('thermometer: ' . $garbled . ' garbled lines were left out');
            }
            Sleep::for(1)->second();
        } while ($this->option('once') !== true);

        return self::SUCCESS;
    }

    /** A database that is away for a moment costs readings, not the line. */
    private function took(Intake $intake, string $line): bool
    {
        try {
            return $intake->take($line);
        } catch (QueryException $e) {
            Log::warning('thermometer: a reading was lost: ' . $e->getMessage());

            return true;
        }
    }
}
