<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

use App\Models\DataSheet;
use App\Models\PartState;
use App\Models\ShelfItem;
use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Fit\Fitter;
use Facelift\Fit\Offer;
use Facelift\Fit\Verdict;

/** Turns the cells of one line into a shelf item, or says cell by cell what is wrong. */
final readonly class LineChecker
{
    private const LONGEST = [
        'label' => 20,
        'name' => 120,
        'connector' => 40,
        'colour' => 40,
        'supplier' => 80,
        'batch' => 40,
        'place' => 40,
    ];

    private ByPhone $byPhone;

    /** @param list<Phone> $phones for what each line would fit, and what it leaves out */
    public function __construct(private Reading $reading, private array $phones)
    {
        $this->byPhone = new ByPhone($phones);
    }

    /**
     * @param array<string, string> $cells by column
     *
     * @return array{array<string, mixed>, array<string, string>} the item, and faults by column
     */
    public function check(array $cells): array
    {
        [$cells, $faults] = $this->byPhone->filled($cells);
        $cell = static fn(string $c): string => trim($cells[$c] ?? '');
        foreach (self::LONGEST as $column => $most) {
            if (mb_strlen($cell($column)) > $most) {
                $faults[$column] = sprintf('has more than %d characters', $most);
            }
        }
        foreach (Columns::required($cell(Columns::PHONE) !== '') as $column) {
            if ($cell($column) === '') {
                $faults[$column] = 'is empty';
            }
        }
        if ($cell('label') !== '' && preg_match('/^[A-Za-z0-9][A-Za-z0-9-]*$/', $cell('label')) !== 1) {
            $faults['label'] = 'may hold letters, digits and hyphens';
        }
        $item = [
            'label' => $cell('label') === '' ? null : $cell('label'),
            'name' => $cell('name'),
            'kind' => $this->oneOf('kind', $cell('kind'), array_column(ReplacementKind::cases(), 'value'), $faults),
            'model_codes' => $this->words($cell('codes')),
            'connector' => $cell('connector') === '' ? null : $cell('connector'),
            'technology' => $this->oneOf(
                'technology',
                $cell('technology'),
                array_column(PanelTechnology::cases(), 'value'),
                $faults,
            ),
            'colour' => $cell('colour') === '' ? null : mb_strtolower($cell('colour')),
            'refresh' => $this->whole(
                'refresh',
                $cell('refresh'),
                30,
                500,
                $faults,
            ),
            'brings' => $this->brings($cell('brings')),
            'supplier' => $cell('supplier'),
            'batch' => $cell('batch') === '' ? 'none' : $cell('batch'),
            'state'
                => $this->oneOf('state', $cell('state'), array_column(PartState::BY_HAND, 'value'), $faults)
                ?? PartState::New->value,
            'place' => $cell('place'),
            'cost' => $this->decimal(
                'cost',
                $cell('cost'),
                0,
                100_000,
                $faults,
            ),
            'sheet' => $this->sheet($cell, $faults),
        ];
        foreach ($item['model_codes'] as $code) {
            if (mb_strlen($code) > 40) {
                $faults['codes'] = 'holds a code of more than 40 characters';
            }
        }

        return [$item, $faults];
    }

    /**
     * What a good line would fit.
     *
     * @param array<string, mixed> $item as `check` gives it
     *
     * @return array<string, string> verdicts by phone and code
     */
    public function fits(array $item): array
    {
        $offer = (new ShelfItem($item))->offer();

        return array_map(static fn(Verdict $v): string => $v->value, $this->wouldFit($offer));
    }

    /** @return array<string, Verdict> */
    private function wouldFit(Offer $offer): array
    {
        return (new Fitter())->wouldFit($this->phones, $offer);
    }

    /** @return list<string> */
    private function words(string $cell): array
    {
        $words = preg_split('/[\s|,;\/]+/', $cell, -1, PREG_SPLIT_NO_EMPTY);

        return array_values(array_unique($words === false ? [] : $words));
    }

    /** @return list<string>|null null if nothing is said; an empty list for a hyphen or `none` */
    private function brings(string $cell): ?array
    {
        return $cell === '' ? null : (in_array(mb_strtolower($cell), ['-', 'none'], true) ? [] : $this->words($cell));
    }

    /**
     * @param list<string>          $known
     * @param array<string, string> $faults
     */
    private function oneOf(string $column, string $cell, array $known, array &$faults): ?string
    {
        $value = str_replace([' ', '_'], '-', mb_strtolower($cell));
        if ($value !== '' && !in_array($value, $known, true)) {
            $faults[$column] = 'must be one of ' . implode(', ', $known);
        }

        return $value === '' ? null : $value;
    }

    /** @param array<string, string> $faults */
    private function whole(
        string $column,
        string $cell,
        int $min,
        int $max,
        array &$faults,
    ): ?int {
        if ($cell === '') {
            return null;
        }
        if (preg_match('/^\d{1,6}$/', $cell) !== 1 || (int) $cell < $min || (int) $cell > $max) {
            $faults[$column] = sprintf('must be a whole number from %d to %d', $min, $max);
        }

        return (int) $cell;
    }

    /** @param array<string, string> $faults */
    private function decimal(
        string $column,
        string $cell,
        float $min,
        float $max,
        array &$faults,
    ): ?string {
        if ($cell === '') {
            return null;
        }
        $thousands = $this->reading->decimal === ',' ? '.' : ',';
        $shape = '/^\d{1,3}('
            . preg_quote($thousands, '/')
            . '\d{3})*('
            . preg_quote($this->reading->decimal, '/')
            . '\d{1,4})?$|^\d+('
            . preg_quote($this->reading->decimal, '/')
            . '\d{1,4})?$/';
        $plain = str_replace([$thousands, $this->reading->decimal], ['', '.'], $cell);
        if (preg_match($shape, $cell) !== 1 || (float) $plain < $min || (float) $plain > $max) {
            $faults[$column] = sprintf(
                '"%s" must be a number from %s to %s, decimals behind a "%s" as in the other lines',
                $cell,
                (string) $min,
                (string) $max,
                $this->reading->decimal,
            );

            return null;
        }

        return $plain;
    }

    /**
     * @param \Closure(string): string $cell
     * @param array<string, string>    $faults
     *
     * @return array<string, float|int|bool|null>
     */
    private function sheet(\Closure $cell, array &$faults): array
    {
        $sheet = [];
        foreach (DataSheet::FIELDS as $field => $type) {
            $text = $cell($field);
            $decimal = $type === 'number' ? $this->decimal(
                $field,
                $text,
                0.1,
                400,
                $faults,
            ) : null;
            $sheet[$field] = match (true) {
                $type === 'number' => $decimal === null ? null : (float) $decimal,
                $type === 'whole' => $this->whole(
                    $field,
                    $text,
                    100,
                    10_000,
                    $faults,
                ),
                default => match ($this->oneOf($field, $text, ['yes', 'no'], $faults)) {
                    'yes' => true,
                    'no' => false,
                    default => null,
                },
            };
        }

        return $sheet;
    }
}
