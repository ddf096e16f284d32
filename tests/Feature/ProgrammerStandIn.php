<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Assert;

/** The stand-in for a programmer of displays, started for one test on ports of its own. */
final readonly class ProgrammerStandIn
{
    /** @param resource $process */
    private function __construct(private mixed $process, public string $address, private string $control) {}

    public static function start(): self
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2) . '/simulators/programmer.php', '0', '0'],
            [1 => ['pipe', 'w']],
            $pipes,
        );
        Assert::assertIsResource($process);
        [$address, $control] = explode(' ', trim((string) fgets($pipes[1])));

        return new self($process, $address, $control);
    }

    public function stop(): void
    {
        proc_terminate($this->process, 9);
        proc_close($this->process);
    }

    public function tell(string $command): void
    {
        Assert::assertSame('ok', $this->said($command));
    }

    /** What the display in a socket holds, in hexadecimal digits. */
    public function shown(string $socket): string
    {
        return $this->said("show $socket");
    }

    private function said(string $command): string
    {
        $wire = stream_socket_client('tcp://' . $this->control, $code, $why, 2.0);
        Assert::assertIsResource($wire, (string) $why);
        stream_set_timeout($wire, 2);
        fwrite($wire, $command . "\n");
        $said = trim((string) fgets($wire));
        fclose($wire);

        return $said;
    }
}
