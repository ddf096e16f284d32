<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\MinuteFigure;
use Facelift\Anatomy\Family;
use Facelift\Plan\Minutes;

/** The minutes that plans are made with: estimates, and what the owner has taken over from the record. */
final class MinutesInUse
{
    private ?Minutes $read = null;

    public function minutes(): Minutes
    {
        if ($this->read === null) {
            $this->read = Minutes::estimated();
            foreach (MinuteFigure::query()->orderBy('kind')->orderBy('family')->get() as $f) {
                $this->read = $this->read->with($f->kind, $f->times, Family::tryFrom($f->family));
            }
        }

        return $this->read;
    }
}
