<?php

declare(strict_types=1);

namespace App\Calibration;

use Closure;
use Facelift\Calibration\Ask;
use Facelift\Calibration\AskKind;
use Facelift\Calibration\Block;
use Facelift\Calibration\Checksum;
use Facelift\Calibration\MemoryLayout;
use Facelift\Calibration\ProgrammerLine;
use Facelift\Calibration\ProgrammerWord;
use Facelift\Calibration\Seen\Failed;
use Facelift\Calibration\Seen\Identified;
use Facelift\Calibration\Seen\Seen;
use Facelift\Calibration\Seen\WasRead;
use Facelift\Calibration\Socket;
use Facelift\Calibration\WireFault;

/** Does with a programmer what a transfer asks for, block by block, and says what came of it. */
final readonly class Programmer
{
    /** A block whose check sum does not fit is read so often in all. */
    private const TRIES = 3;

    public function __construct(private ProgrammerWire $wire) {}

    /**
     * @param Closure(int, int): void $progress blocks done, of so many
     *
     * @return Seen|null null if it was written: only reading tells what came of that
     */
    public function do(Ask $ask, MemoryLayout $layout, Closure $progress): ?Seen
    {
        return match ($ask->kind) {
            AskKind::Identify => $this->identify($ask->socket),
            AskKind::Read => $this->read($ask->socket, $layout, $progress),
            AskKind::Write => $this->write($ask->blocks, $progress),
            AskKind::Keep, AskKind::Nothing => throw new \LogicException('This is not the programmer\'s.'),
        };
    }

    private function identify(Socket $socket): Seen
    {
        $answer = $this->wire->ask(ProgrammerWord::Identify, $socket->value);
        [$panel, , $layout] = [...($answer->members ?? []), '', '', ''];

        return $answer?->word === ProgrammerWord::Is && $panel !== '' && $layout !== ''
            ? new Identified($socket, $panel, $layout)
            : new Failed($socket, self::fault($answer));
    }

    /** @param Closure(int, int): void $progress */
    private function read(Socket $socket, MemoryLayout $layout, Closure $progress): Seen
    {
        $bytes = '';
        for ($i = 0; $i < $layout->blocks(); ++$i) {
            $block = $this->block($socket, $i * $layout->block, $layout->block);
            if ($block instanceof WireFault) {
                return new Failed($socket, $block);
            }
            $bytes .= $block->bytes;
            $progress($i + 1, $layout->blocks());
        }
        $sum = $this->wire->ask(ProgrammerWord::Verify, $socket->value);
        if ($sum?->word !== ProgrammerWord::Sum) {
            return new Failed($socket, self::fault($sum));
        }

        return $sum->members === [sprintf('%08X', Checksum::crc32($bytes))]
            ? new WasRead($socket, $bytes)
            : new Failed($socket, WireFault::WrongChecksum);
    }

    private function block(Socket $socket, int $at, int $size): Block|WireFault
    {
        for ($try = 0; $try < self::TRIES; ++$try) {
            $answer = $this->wire->ask(ProgrammerWord::Read, $socket->value, sprintf('%06X', $at), (string) $size);
            if ($answer?->word !== ProgrammerWord::Data) {
                return self::fault($answer);
            }
            [$from, $hex, $sum] = [...$answer->members, '', '', ''];
            if (preg_match('/^(?:[0-9A-F]{2})+$/D', $hex) === 1) {
                $block = new Block($at, (string) hex2bin($hex));
                if ([$from, strlen($block->bytes), $sum]
                    === [sprintf('%06X', $at), $size, sprintf('%04X', $block->crc16())]) {
                    return $block;
                }
            }
        }

        return WireFault::BadContact;
    }

    /**
     * @param list<Block>             $blocks
     * @param Closure(int, int): void $progress
     */
    private function write(array $blocks, Closure $progress): ?Seen
    {
        foreach ($blocks as $i => $block) {
            $at = sprintf('%06X', $block->at);
            $answer = $this->wire->ask(
                ProgrammerWord::Write,
                Socket::New->value,
                $at,
                strtoupper(bin2hex($block->bytes)),
                sprintf('%04X', $block->crc16()),
            );
            if ($answer?->word !== ProgrammerWord::Written || $answer->members !== [$at]) {
                return new Failed(Socket::New, self::fault($answer));
            }
            $progress($i + 1, count($blocks));
        }

        return null;
    }

    /** Nobody answered, or it said what is wrong, or what it said makes no sense. */
    private static function fault(?ProgrammerLine $answer): WireFault
    {
        return match (true) {
            $answer === null => WireFault::TimedOut,
            $answer->word === ProgrammerWord::No => WireFault::tryFrom($answer->members[0] ?? '')
                ?? WireFault::BadContact,
            default => WireFault::BadContact,
        };
    }
}
