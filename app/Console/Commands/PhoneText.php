<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneReader;
use Facelift\Document\JsonText;
use Facelift\Document\Unreadable;

/** A phone file of this machine. */
final class PhoneText
{
    /** @throws Unreadable If it is none; what is too large is not read. */
    public static function of(string $file): Phone
    {
        clearstatcache(true, $file);
        $bytes = (int) filesize($file);
        if ($bytes > JsonText::LARGEST) {
            throw JsonText::tooLarge($bytes, 'phone file');
        }

        return (new PhoneReader())->read(JsonText::read((string) file_get_contents($file), 'phone file'));
    }
}
