<?php

declare(strict_types=1);

namespace App\Heat;

use App\Models\HeatSource;
use Facelift\Heat\Source;

/** One source of heat of a shop with the settings that are tried of it. */
final readonly class ShopSource
{
    /**
     * @param string|null                          $name     as the shop calls it; null for a usual one
     * @param non-empty-list<array<string, mixed>> $settings as they are sent and kept
     */
    private function __construct(public ?string $name, public ?UsualSource $usual, public array $settings) {}

    /** @return list<self> what every shop is taken to have, then what this one has kept */
    public static function all(): array
    {
        $usual = array_map(
            static fn(UsualSource $u): self => new self(null, $u, $u->settings()),
            UsualSource::cases(),
        );
        $own = HeatSource::query()->orderBy('name')->get()->map(self::own(...));

        return [...$usual, ...array_values($own->all())];
    }

    /** @return non-empty-list<Source> with the contacts that are in use */
    public function read(SourcesInUse $inUse): array
    {
        return array_map($inUse->read(...), $this->settings);
    }

    private static function own(HeatSource $s): self
    {
        $measured = $s->fit === null ? [] : ['coefficient' => $s->fit['coefficient']];

        return new self($s->name, null, [$measured + $s->source]);
    }
}
