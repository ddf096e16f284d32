<?php

declare(strict_types=1);

namespace App\Heat;

use App\Models\Figure;
use Facelift\Heat\Learnt;
use Facelift\Heat\Windows;

/** The windows that plans are made with from now on: estimates, and what the owner has taken over from the record. */
final class WindowsInUse
{
    private ?Windows $read = null;

    public function windows(): Windows
    {
        if ($this->read === null) {
            $this->read = Windows::estimated();
            foreach (Figure::query()->orderBy('adhesive')->orderBy('state')->get() as $f) {
                $from = new Learnt($f->off, $f->pace, $f->jobs);
                $this->read = $this->read->with($f->adhesive, $f->state, $f->shift, $from);
            }
        }

        return $this->read;
    }
}
