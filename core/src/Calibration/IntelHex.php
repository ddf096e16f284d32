<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Calibration\Internal\HexRecord;
use Facelift\Calibration\Internal\HexRow;
use Facelift\Document\Faults;
use Facelift\Document\Unreadable;

/**
 * Intel HEX, the text form of a memory's bytes (Intel, Hexadecimal Object File Format Specification, 1988).
 *
 * Read: records 00 (data), 01 (end), 02 and 04 (upper address), in any order of addresses. Start addresses (03, 05) are
 * for programs and are refused. The bytes must begin at 0 and have no gap: a gap is a block that was not read.
 */
final readonly class IntelHex
{
    /** Bytes per data record that is written */
    private const ROW = 16;

    /** A memory larger than this is none of a display. */
    public const LARGEST = 1 << 20;

    /**
     * @return string the bytes from address 0 on
     *
     * @throws Unreadable With the line of everything that is wrong.
     */
    public function read(string $text): string
    {
        $faults = new Faults();
        $rows = [];
        $upper = 0;
        $ended = false;
        foreach (explode("\n", str_replace("\r\n", "\n", $text)) as $i => $line) {
            $path = 'line ' . ($i + 1);
            if (trim($line) === '') {
                continue;
            }
            $record = $this->record($line, $path, $faults);
            if ($record === null) {
                continue;
            }
            if ($ended) {
                $faults->add($path, 'comes after the end record');
            }
            $ended = $ended || $record->type === HexRecord::END;
            $upper = $record->upper() ?? $upper;
            if ($record->type === HexRecord::DATA) {
                $rows[] = new HexRow($upper + $record->address, $record->data, $path);
            }
        }
        if (!$ended) {
            $faults->add('', 'has no end record, so that its end may be missing');
        }
        $bytes = $faults->any() ? '' : $this->joined($rows, $faults);
        if ($faults->any()) {
            throw Unreadable::because('Intel HEX', $faults->all());
        }

        return $bytes;
    }

    /** @param string $bytes from address 0 on */
    public function write(string $bytes): string
    {
        $text = '';
        $upper = 0;
        for ($at = 0, $end = \strlen($bytes); $at < $end; $at += self::ROW) {
            if ($at >> 16 !== $upper) {
                $upper = $at >> 16;
                $text .= (new HexRecord(HexRecord::UPPER_LINEAR, 0, pack('n', $upper)))->line() . "\n";
            }
            $row = substr($bytes, $at, self::ROW);
            $text .= (new HexRecord(HexRecord::DATA, $at & 0xFFFF, $row))->line() . "\n";
        }

        return $text . (new HexRecord(HexRecord::END, 0, ''))->line() . "\n";
    }

    private function record(string $line, string $path, Faults $faults): ?HexRecord
    {
        try {
            return HexRecord::of(rtrim($line));
        } catch (\UnexpectedValueException $e) {
            $faults->add($path, $e->getMessage());

            return null;
        }
    }

    /** @param list<HexRow> $rows */
    private function joined(array $rows, Faults $faults): string
    {
        usort($rows, static fn(HexRow $a, HexRow $b): int => $a->at <=> $b->at);
        $bytes = '';
        foreach ($rows as $row) {
            $size = \strlen($bytes);
            if ($row->at !== $size) {
                $faults->add($row->path, $row->at < $size
                    ? \sprintf('gives address %d a second time', $row->at)
                    : \sprintf('begins at %d, the bytes before it end at %d: %d are missing', ...[
                        $row->at,
                        $size,
                        $row->at - $size,
                    ]));

                return '';
            }
            $bytes .= $row->data;
            if (\strlen($bytes) > self::LARGEST) {
                $faults->add($row->path, \sprintf('goes past %d bytes: no display has so many', self::LARGEST));

                return '';
            }
        }
        if ($bytes === '') {
            $faults->add('', 'holds no bytes');
        }

        return $bytes;
    }
}
