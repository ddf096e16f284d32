<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/**
 * One line between server and programmer, format `FP1` (see docs/formats.md): members parted by tabs, the last of them
 * the CRC-16/CCITT-FALSE of everything before the last tab.
 */
final readonly class ProgrammerLine
{
    /** A line longer than this is none: the longest holds a block of 256 bytes. */
    public const LONGEST = 700;

    /**
     * @param int          $sequence 0 to 9999, of the question; its answer has the same
     * @param list<string> $members  without tabs and line ends
     */
    private function __construct(public int $sequence, public ProgrammerWord $word, public array $members) {}

    public static function of(int $sequence, ProgrammerWord $word, string ...$members): self
    {
        $clean = array_map(static fn(string $m): string => strtr($m, "\t\r\n", '   '), array_values($members));

        return new self($sequence % 10_000, $word, $clean);
    }

    /** Null for a line that is garbled or of another format: half a block is worse than none. */
    public static function parse(string $line): ?self
    {
        if (preg_match('/^(FP1\t(\d{4})\t([A-Z]+)((?:\t[^\t\r\n]*)*))\t([0-9A-F]{4})\r?\n?$/D', $line, $m) !== 1) {
            return null;
        }
        $word = ProgrammerWord::tryFrom($m[3]);

        return $word === null || self::check($m[1]) !== $m[5]
            ? null
            : new self((int) $m[2], $word, $m[4] === '' ? [] : explode("\t", substr($m[4], 1)));
    }

    public function line(): string
    {
        $text = implode("\t", ['FP1', \sprintf('%04d', $this->sequence), $this->word->value, ...$this->members]);

        return $text . "\t" . self::check($text) . "\n";
    }

    private static function check(string $text): string
    {
        return \sprintf('%04X', Checksum::ccittFalse($text));
    }
}
