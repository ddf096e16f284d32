<?php

declare(strict_types=1);

namespace Facelift\Calibration\Internal;

/** One line of Intel HEX: a colon, count, address, type, data and check sum, two digits a byte. */
final readonly class HexRecord
{
    public const DATA = 0;

    public const END = 1;

    public const UPPER_SEGMENT = 2;

    public const UPPER_LINEAR = 4;

    /**
     * @param int    $type    one of the constants
     * @param int    $address lower 16 bits
     * @param string $data    at most 255 bytes
     */
    public function __construct(public int $type, public int $address, public string $data) {}

    /** @throws \UnexpectedValueException With what is wrong with the line. */
    public static function of(string $line): self
    {
        if (preg_match('/^:(?:[0-9A-Fa-f]{2}){5,260}$/D', $line) !== 1) {
            throw new \UnexpectedValueException('must be a colon and pairs of hexadecimal digits');
        }
        $bytes = (string) hex2bin(substr($line, 1));
        $data = substr($bytes, 4, -1);
        if (\ord($bytes[0]) !== \strlen($data)) {
            throw new \UnexpectedValueException(
                \sprintf('says %d bytes of data, holds %d', \ord($bytes[0]), \strlen($data)),
            );
        }
        $record = new self(\ord($bytes[3]), (\ord($bytes[1]) << 8) | \ord($bytes[2]), $data);
        $sum = \ord($bytes[\strlen($bytes) - 1]);
        if ($record->sum() !== $sum) {
            throw new \UnexpectedValueException(
                \sprintf('has the check sum %02X, its bytes give %02X', $sum, $record->sum()),
            );
        }
        $record->check();

        return $record;
    }

    /** What the following data records' addresses are counted from; null if this record does not say. */
    public function upper(): ?int
    {
        return match ($this->type) {
            self::UPPER_SEGMENT => $this->word() << 4,
            self::UPPER_LINEAR => $this->word() << 16,
            default => null,
        };
    }

    public function line(): string
    {
        return \sprintf(
            ':%02X%04X%02X%s%02X',
            \strlen($this->data),
            $this->address,
            $this->type,
            strtoupper(bin2hex($this->data)),
            $this->sum(),
        );
    }

    /** Two's complement of the sum of all bytes before it. */
    private function sum(): int
    {
        $sum = \strlen($this->data) + ($this->address >> 8) + ($this->address & 0xFF) + $this->type;
        for ($i = 0, $end = \strlen($this->data); $i < $end; ++$i) {
            $sum += \ord($this->data[$i]);
        }

        return -$sum & 0xFF;
    }

    private function word(): int
    {
        return (\ord($this->data[0]) << 8) | \ord($this->data[1]);
    }

    /** @throws \UnexpectedValueException If the type is not one of a memory, or its data has not the type's length. */
    private function check(): void
    {
        $length = match ($this->type) {
            self::DATA => null,
            self::END => 0,
            self::UPPER_SEGMENT, self::UPPER_LINEAR => 2,
            default => throw new \UnexpectedValueException(
                \sprintf('is a record of type %02X, which a memory has not', $this->type),
            ),
        };
        if ($length !== null && \strlen($this->data) !== $length) {
            throw new \UnexpectedValueException(
                \sprintf('is a record of type %02X with %d bytes, not %d', $this->type, \strlen($this->data), $length),
            );
        }
    }
}
