<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Record\LearnFromHeat;
use App\Record\TakesOver;
use Illuminate\Console\Command;

/**
 * Called often: jobs that were missed are learnt from, and what was learnt since is used from now on, once a day, if
 * the owner wants it so.
 */
final class UseWhatIsLearnt extends Command
{
    protected $signature = 'facelift:learn';

    protected $description = 'Plan with what was learnt since, if the shop takes it over by itself';

    public function handle(TakesOver $learnt, LearnFromHeat $heat): int
    {
        $missed = $heat->missed();
        if ($missed > 0) {
            $this->line($missed . ' jobs learnt from that were missed as they were handed over');
        }
        $this->line($learnt->onceADay() . ' figures taken over from the record');

        return self::SUCCESS;
    }
}
