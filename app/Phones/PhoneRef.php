<?php

declare(strict_types=1);

namespace App\Phones;

use Stringable;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A phone file as jobs name it: one that ships by its id, one that was drawn up here by id and version. */
final readonly class PhoneRef implements Stringable
{
    /**
     * @param string   $file    id of the phone file, whichever its version
     * @param null|int $version 1 and more; null: as it ships, or the newest that is kept
     */
    public function __construct(
        public string $file,
        public ?int $version = null,
    ) {}

    /** @throws NotFoundHttpException If no phone file could be called so. */
    public static function read(string $text): self
    {
        if (preg_match('/^([a-z0-9-]{1,60})(?:@(\d{1,6}))?$/D', $text, $named) !== 1) {
            throw new NotFoundHttpException('There is no phone file "' . $text . '".');
        }

        return new self($named[1], isset($named[2]) ? (int) $named[2] : null);
    }

    /** As it is written: `tivane-pivot@3`. */
    public function __toString(): string
    {
        return $this->version === null ? $this->file : $this->file . '@' . $this->version;
    }
}
