<?php

declare(strict_types=1);

namespace App\Record;

use Facelift\Record\Ratios;
use Illuminate\Support\Collection;

/** What steps took against what was planned, by everything that they are told apart by. */
final readonly class SeenMinutes
{
    /**
     * @param array<string, Ratios>                $kinds       by kind of step
     * @param array<array-key, Ratios>             $people      by id
     * @param array<string, int>                   $interrupted by kind of step
     * @param array<string, Ratios>                $families    by kind of phone
     * @param array<string, array<string, Ratios>> $byFamily    by kind of step, then by kind of phone
     */
    private function __construct(
        public array $kinds,
        public array $people,
        public array $interrupted,
        public array $families,
        public array $byFamily,
    ) {}

    /** @param Collection<int, \stdClass> $rows of `minute_sums` */
    public static function of(Collection $rows): self
    {
        $kinds = $people = $interrupted = $families = $byFamily = [];
        foreach ($rows as $row) {
            $ratios = new Ratios(Cell::int($row->count), Cell::int($row->sum), Cell::int($row->squares));
            [$kind, $person, $family] = [
                Cell::text($row->kind), Cell::text($row->user_id), Cell::text($row->family),
            ];
            $kinds[$kind] = ($kinds[$kind] ?? Ratios::none())->with($ratios);
            $people[$person] = ($people[$person] ?? Ratios::none())->with($ratios);
            $families[$family] = ($families[$family] ?? Ratios::none())->with($ratios);
            $byFamily[$kind][$family] = ($byFamily[$kind][$family] ?? Ratios::none())->with($ratios);
            $interrupted[$kind] = ($interrupted[$kind] ?? 0) + Cell::int($row->interrupted);
        }

        return new self(
            $kinds,
            $people,
            $interrupted,
            $families,
            $byFamily,
        );
    }
}
