<?php

declare(strict_types=1);

// A thermometer that does not exist. See README.md.
// php thermometer.php PORT CONTROL-PORT [MILLISECONDS BETWEEN LINES]

const DEVICE = 'T7';
const ROOM = 22.0;

/** The probe's own temperature, how it moves, and what is wrong with it. */
final class Probe
{
    private float $celsius = ROOM;
    private float $slow = ROOM;
    private float $towards = ROOM;
    private ?float $held = null;
    private string $fault = 'none';
    private float $noise = 0.3;

    public function pass(float $seconds): void
    {
        // Glass on a plate: half of it follows within seconds, half within minutes. In air it is far slower.
        [$minutes, $share] = $this->towards > ROOM ? [95, 0.5] : [210, 0.12];
        $this->slow += ($this->towards - $this->slow) * (1 - exp(-$seconds / $minutes));
        $fast = $share * $this->towards + (1 - $share) * $this->slow;
        $this->celsius += ($fast - $this->celsius) * (1 - exp(-$seconds / 9));
    }

    public function line(int $number): string
    {
        if ($this->fault === 'silent' || ($this->fault === 'drop' && mt_rand(1, 2) === 1)) {
            return '';
        }
        $shown = $this->held ?? $this->celsius;
        if ($this->fault === 'loose') {
            // Off the glass it sees the room, and now and then the glass's warmth.
            $shown = ROOM + 0.15 * ($shown - ROOM) + 2 * $this->gauss();
        }
        $value =
            $this->fault === 'open'
                ? 'open'
                : sprintf('%04d', (int) round(10 * ($shown + $this->noise * $this->gauss())));
        $text = sprintf('FT1 %s %06d %s', DEVICE, $number % 1_000_000, $value);
        $sum = array_sum(array_map(ord(...), str_split($text))) % 256;
        if ($this->fault === 'garble' && mt_rand(1, 3) === 1) {
            $sum ^= 1;
        }

        return sprintf("%s %02X\n", $text, $sum);
    }

    public function told(string $command): string
    {
        [$word, $value] = explode(' ', $command . ' ');
        $number = is_numeric($value) ? (float) $value : null;
        switch (true) {
            case $word === 'heat' && $number !== null:
                // A contact of 125 W/m²K leaves the face a little below what heats it.
                [$this->towards, $this->held] = [ROOM + 0.95 * ($number - ROOM), null];
                break;
            case $word === 'off':
                [$this->towards, $this->held] = [ROOM, null];
                break;
            case $word === 'hold' && $number !== null:
                $this->held = $number;
                break;
            case $word === 'noise' && $number !== null && $number >= 0 && $number <= 20:
                $this->noise = $number;
                break;
            case $word === 'fault' && in_array($value, ['none', 'loose', 'open', 'drop', 'garble', 'silent'], true):
                $this->fault = $value;
                break;
            default:
                return "no: heat CELSIUS, off, hold CELSIUS, noise KELVIN, fault none|loose|open|drop|garble|silent\n";
        }

        return "ok\n";
    }

    /** Twelve uniforms less six: standard normal, near enough. */
    private function gauss(): float
    {
        return array_sum(array_map(static fn(): float => mt_rand() / mt_getrandmax(), range(1, 12))) - 6;
    }
}

[$port, $control, $every] = [$argv[1] ?? '0', $argv[2] ?? '0', max(20, (int) ($argv[3] ?? 1000))];
$readings = stream_socket_server("tcp://127.0.0.1:$port");
$commands = stream_socket_server("tcp://127.0.0.1:$control");
if ($readings === false || $commands === false) {
    exit(1);
}
$probe = new Probe();
/** @var array<int, resource> $listening */
$listening = [];
/** @var array<int, resource> $telling */
$telling = [];
$number = 0;
$last = microtime(true);
for (;;) {
    $read = [$readings, $commands, ...array_values($listening), ...array_values($telling)];
    $none = null;
    $due = $last + $every / 1000 - microtime(true);
    if ($due > 0 && stream_select($read, $none, $none, (int) $due, (int) (1e6 * fmod($due, 1))) > 0) {
        foreach ($read as $socket) {
            if ($socket === $readings || $socket === $commands) {
                $client = stream_socket_accept($socket, 0);
                if ($client !== false) {
                    stream_set_blocking($client, false);
                    $socket === $readings ? $listening[(int) $client] = $client : $telling[(int) $client] = $client;
                }
                continue;
            }
            $line = fgets($socket, 200);
            if ($line === false && feof($socket)) {
                unset($listening[(int) $socket], $telling[(int) $socket]);
                fclose($socket);
            } elseif ($line !== false && isset($telling[(int) $socket])) {
                fwrite($socket, $probe->told(trim($line)));
            }
        }
        continue;
    }
    $now = microtime(true);
    $probe->pass($now - $last);
    $last = $now;
    $line = $probe->line($number++);
    foreach ($line === '' ? [] : $listening as $id => $client) {
        if (@fwrite($client, $line) === false) {
            unset($listening[$id]);
            fclose($client);
        }
    }
}
