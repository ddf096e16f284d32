<?php

declare(strict_types=1);

namespace App\Papers;

use App\Models\ShelfItem;

/** What stands on one label of something on the shelf. */
final readonly class ShelfLabel
{
    /**
     * @param list<string> $lines
     * @param string       $address that its code opens
     */
    public function __construct(
        public string $label,
        public array $lines,
        public string $place,
        public string $address,
    ) {}

    /** @param string $origin address of the application, without a slash at its end */
    public static function of(ShelfItem $item, string $origin): self
    {
        return new self(
            $item->label,
            [$item->name, implode(' ', $item->model_codes), $item->supplier . ', ' . $item->batch],
            $item->place,
            $origin . '/shelf/' . rawurlencode($item->label),
        );
    }
}
