<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** Where one field lies in a memory and what its bytes mean. */
final readonly class Field
{
    /**
     * @param string $name  in plain words, as the comparison tells it
     * @param int    $at    address of its first byte
     * @param int    $count numbers, or letters of a text
     * @param float  $scale what one step of a number is worth; 1 for a text
     */
    public function __construct(
        public string $name,
        public FieldKind $kind,
        public int $at,
        public Encoding $encoding,
        public int $count,
        public float $scale = 1.0,
    ) {}

    /** Address after its last byte. */
    public function end(): int
    {
        return $this->at + $this->count * $this->encoding->size();
    }

    /**
     * @param string $memory bytes from address 0 on, not shorter than `end()`
     *
     * @return list<float> empty for a text
     */
    public function numbers(string $memory): array
    {
        if ($this->encoding === Encoding::Text) {
            return [];
        }
        $numbers = [];
        foreach (str_split($this->bytes($memory), $this->encoding->size()) as $bytes) {
            $numbers[] = $this->encoding->number($bytes) * $this->scale;
        }

        return $numbers;
    }

    /** @return string its text without the filling; bytes that are no letters as dots, empty if it is of numbers */
    public function text(string $memory): string
    {
        return $this->encoding === Encoding::Text
            ? (string) preg_replace('/[^\x20-\x7E]/', '.', rtrim($this->bytes($memory), "\0"))
            : '';
    }

    /**
     * @param list<float>|string $value as many numbers as it has, or a text that is filled up or cut to its letters
     *
     * @return string the memory with it laid over
     */
    public function over(string $memory, array|string $value): string
    {
        $bytes = \is_string($value)
            ? str_pad(substr($value, 0, $this->count), $this->count, "\0")
            : implode('', array_map(
                fn(float $n): string => $this->encoding->bytes((int) round($n / $this->scale)),
                $value,
            ));

        return substr_replace($memory, $bytes, $this->at, \strlen($bytes));
    }

    public function bytes(string $memory): string
    {
        return substr($memory, $this->at, $this->end() - $this->at);
    }
}
