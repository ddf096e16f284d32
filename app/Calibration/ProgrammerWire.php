<?php

declare(strict_types=1);

namespace App\Calibration;

use Facelift\Calibration\ProgrammerLine;
use Facelift\Calibration\ProgrammerWord;

/** Questions and answers with a programmer over TCP. Every question has an end, answered or not. */
final class ProgrammerWire
{
    /** A question that is not answered, or answered in a garbled line, is asked so often in all. */
    private const TRIES = 3;

    /** @var resource|null */
    private $wire;

    private int $sequence = 0;

    /** @param float $patience s that an answer may take */
    public function __construct(private readonly string $address, private readonly float $patience = 2.0) {}

    /** @return ProgrammerLine|null null if nobody answered in time, every time */
    public function ask(ProgrammerWord $word, string ...$members): ?ProgrammerLine
    {
        for ($try = 0; $try < self::TRIES; ++$try) {
            $question = ProgrammerLine::of(++$this->sequence, $word, ...$members);
            $answer = $this->send($question->line()) ? $this->answer($question->sequence) : null;
            if ($answer !== null) {
                return $answer;
            }
            $this->hangUp();
        }

        return null;
    }

    public function hangUp(): void
    {
        if ($this->wire !== null) {
            fclose($this->wire);
            $this->wire = null;
        }
    }

    private function send(string $line): bool
    {
        if ($this->wire === null) {
            $wire = @stream_socket_client('tcp://' . $this->address, $code, $why, $this->patience);
            if ($wire === false) {
                return false;
            }
            $this->wire = $wire;
        }

        return @fwrite($this->wire, $line) === strlen($line);
    }

    /** The answer to one question; those to earlier ones, that came too late, are passed over. */
    private function answer(int $sequence): ?ProgrammerLine
    {
        $until = microtime(true) + $this->patience;
        while ($this->wire !== null && ($left = $until - microtime(true)) > 0) {
            stream_set_timeout($this->wire, (int) $left, (int) (1e6 * fmod($left, 1)));
            $line = fgets($this->wire, ProgrammerLine::LONGEST);
            $answer = $line === false ? null : ProgrammerLine::parse($line);
            if ($answer === null || $answer->sequence === $sequence) {
                return $answer;
            }
        }

        return null;
    }
}
