<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** What the phone is called and which codes it carries. */
final readonly class Identity
{
    /**
     * @param array<string, string> $codes      model code => region
     * @param list<string>          $colours
     * @param array<string, string> $connectors model code => display connector, for regions that take another panel
     */
    public function __construct(
        public string $id,
        public string $maker,
        public string $model,
        public int $year,
        public float $mass,
        public array $codes,
        public array $colours,
        public Port $port = Port::None,
        public array $connectors = [],
    ) {}

    public function name(): string
    {
        return $this->maker . ' ' . $this->model;
    }
}
