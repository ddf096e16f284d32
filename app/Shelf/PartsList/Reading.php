<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

/** How a parts list was read: what was recognised of its making. */
final readonly class Reading
{
    /**
     * @param string       $encoding  `UTF-8`, `UTF-16` or `Windows-1252`
     * @param string       $separator `,`, `;` or a tab
     * @param string       $decimal   `.` or `,`
     * @param list<string> $columns   known columns in the order of the file; empty text for one that is not known
     * @param list<string> $unknown   headings that are not known and are left out
     */
    public function __construct(
        public string $encoding,
        public string $separator,
        public string $decimal,
        public array $columns,
        public array $unknown,
    ) {}

    /** The same with a column left out, and said to be. */
    public function without(string $column): self
    {
        return new self(
            $this->encoding,
            $this->separator,
            $this->decimal,
            array_map(static fn(string $c): string => $c === $column ? '' : $c, $this->columns),
            in_array($column, $this->columns, true) ? [...$this->unknown, $column] : $this->unknown,
        );
    }

    /**
     * @return array{
     *     encoding: string, separator: string, decimal: string, columns: list<string>, unknown: list<string>
     * }
     */
    public function toArray(): array
    {
        return [
            'encoding' => $this->encoding,
            'separator' => $this->separator,
            'decimal' => $this->decimal,
            'columns' => $this->columns,
            'unknown' => $this->unknown,
        ];
    }
}
