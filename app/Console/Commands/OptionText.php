<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** Options of a command as text; empty for one that was not given. */
trait OptionText
{
    private function text(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }
}
