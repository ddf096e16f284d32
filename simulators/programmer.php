<?php

declare(strict_types=1);

// A programmer of displays that does not exist. See README.md.
// php programmer.php PORT CONTROL-PORT; port 0 takes a free one. It says both on its first line.

final class Display
{
    public function __construct(
        public readonly string $marking,
        public readonly string $connector,
        public readonly string $layout,
        public string $bytes,
    ) {}
}

/** Two sockets with displays, and what is wrong with them. */
final class Sockets
{
    private const FAULTS = [
        'none', 'bad-contact', 'no-contact', 'wrong-checksum', 'write-protected', 'unplugged', 'garble', 'silent',
    ];

    /** @var array<string, Display> */
    private array $displays = [];

    private string $fault = 'none';

    /** Blocks that still pass before it comes off. */
    private int $left = 0;

    private int $milliseconds = 0;

    private int $asked = 0;

    /** @param list<string> $members of a question, without format, number and check sum */
    public function answer(array $members): string
    {
        usleep(1000 * $this->milliseconds);
        ++$this->asked;
        [$word, $socket] = [...$members, '', ''];
        $display = $this->displays[$socket] ?? null;
        if ($display === null || $this->fault === 'no-contact') {
            return "NO\tno-contact";
        }
        if ($this->fault === 'unplugged' && $this->left <= 0) {
            if ($word === 'WRITE') {
                // What was under way when it came off is neither what it was nor what it was to be.
                $this->put($display, $members, 2);
            }
            $this->left = -1;

            return "NO\tunplugged";
        }
        --$this->left;

        return match ($word) {
            'IDENTIFY' => implode("\t", [
                'IS', $display->marking, $display->connector, $display->layout, (string) strlen($display->bytes),
            ]),
            'READ' => $this->data($display, (int) hexdec($members[2] ?? ''), (int) ($members[3] ?? 0)),
            'WRITE' => $this->written($display, $members),
            'VERIFY' => sprintf("SUM\t%08X", crc32($display->bytes) ^ ($this->fault === 'wrong-checksum' ? 1 : 0)),
            default => "NO\tunknown-word",
        };
    }

    public function garbles(): bool
    {
        return $this->fault === 'garble' && $this->asked % 3 === 0;
    }

    public function isSilent(): bool
    {
        return $this->fault === 'silent';
    }

    public function told(string $command): string
    {
        $parts = explode(' ', $command);
        [$word, $value] = [...$parts, '', ''];
        switch (true) {
            case $word === 'plug' && count($parts) === 6 && ctype_xdigit($parts[5]) && strlen($parts[5]) % 2 === 0:
                $this->displays[$value] = new Display(...[...array_slice($parts, 2, 3), (string) hex2bin($parts[5])]);
                break;
            case $word === 'unplug':
                unset($this->displays[$value]);
                break;
            case $word === 'slow' && ctype_digit($value) && (int) $value <= 5000:
                $this->milliseconds = (int) $value;
                break;
            case $word === 'fault' && in_array($value, self::FAULTS, true):
                [$this->fault, $this->left, $this->asked] = [$value, (int) ($parts[2] ?? 0), 0];
                break;
            case $word === 'show' && isset($this->displays[$value]):
                return bin2hex($this->displays[$value]->bytes) . "\n";
            default:
                return "no: plug old|new MARKING CONNECTOR LAYOUT HEX, unplug old|new, show old|new, "
                    . 'slow MILLISECONDS, fault ' . implode('|', self::FAULTS) . " [BLOCKS]\n";
        }

        return "ok\n";
    }

    private function data(Display $display, int $at, int $size): string
    {
        $bytes = substr($display->bytes, $at, $size);
        $sum = self::crc16($bytes);
        if ($this->fault === 'bad-contact' && $bytes !== '' && $this->asked % 3 !== 0) {
            $bit = mt_rand(0, 7);
            $place = mt_rand(0, strlen($bytes) - 1);
            $bytes[$place] = chr(ord($bytes[$place]) ^ (1 << $bit));
        }

        return sprintf("DATA\t%06X\t%s\t%04X", $at, strtoupper(bin2hex($bytes)), $sum);
    }

    /** @param list<string> $members */
    private function written(Display $display, array $members): string
    {
        if ($this->fault === 'write-protected') {
            return "NO\twrite-protected";
        }
        $bytes = (string) @hex2bin($members[3] ?? '');
        if ($bytes === '' || sprintf('%04X', self::crc16($bytes)) !== ($members[4] ?? '')) {
            return "NO\tbad-contact";
        }
        $this->put($display, $members, 1);

        return "WRITTEN\t" . $members[2];
    }

    /** @param list<string> $members */
    private function put(Display $display, array $members, int $share): void
    {
        $bytes = (string) @hex2bin($members[3] ?? '');
        $part = substr($bytes, 0, intdiv(strlen($bytes), $share));
        $display->bytes = substr_replace($display->bytes, $part, (int) hexdec($members[2] ?? ''), strlen($part));
    }

    public static function crc16(string $bytes): int
    {
        $crc = 0xFFFF;
        foreach ($bytes === '' ? [] : str_split($bytes) as $byte) {
            $crc ^= ord($byte) << 8;
            for ($bit = 0; $bit < 8; ++$bit) {
                $crc = ($crc & 0x8000) !== 0 ? (($crc << 1) ^ 0x1021) & 0xFFFF : $crc << 1;
            }
        }

        return $crc;
    }
}

/**
 * The members of a question, or null if it is garbled: then nothing is answered, as on a bad line.
 *
 * @return non-empty-list<string>|null
 */
function question(string $line): ?array
{
    $text = rtrim($line, "\r\n");
    $cut = strrpos($text, "\t");
    if ($cut === false || sprintf('%04X', Sockets::crc16(substr($text, 0, $cut))) !== substr($text, $cut + 1)) {
        return null;
    }
    $members = explode("\t", substr($text, 0, $cut));

    return $members[0] === 'FP1' && count($members) >= 3 ? $members : null;
}

$questions = stream_socket_server('tcp://127.0.0.1:' . ($argv[1] ?? '0'));
$commands = stream_socket_server('tcp://127.0.0.1:' . ($argv[2] ?? '0'));
if ($questions === false || $commands === false) {
    exit(1);
}
echo stream_socket_get_name($questions, false), ' ', stream_socket_get_name($commands, false), "\n";
$sockets = new Sockets();
/** @var array<int, resource> $asking */
$asking = [];
/** @var array<int, resource> $telling */
$telling = [];
for (;;) {
    $read = [$questions, $commands, ...array_values($asking), ...array_values($telling)];
    $none = null;
    if (stream_select($read, $none, $none, 3600) < 1) {
        continue;
    }
    foreach ($read as $socket) {
        if ($socket === $questions || $socket === $commands) {
            $client = stream_socket_accept($socket, 0);
            if ($client !== false) {
                $socket === $questions ? $asking[(int) $client] = $client : $telling[(int) $client] = $client;
            }
            continue;
        }
        // A display of 1 MiB, in digits, with what stands before it.
        $line = fgets($socket, 2_200_000);
        if ($line === false) {
            unset($asking[(int) $socket], $telling[(int) $socket]);
            fclose($socket);
        } elseif (isset($telling[(int) $socket])) {
            fwrite($socket, $sockets->told(trim($line)));
        } elseif (($members = question($line)) !== null) {
            $text = "FP1\t" . ($members[1] ?? '') . "\t" . $sockets->answer(array_slice($members, 2));
            $sum = Sockets::crc16($text) ^ ($sockets->garbles() ? 1 : 0);
            if (!$sockets->isSilent()) {
                @fwrite($socket, sprintf("%s\t%04X\n", $text, $sum));
            }
        }
    }
}
