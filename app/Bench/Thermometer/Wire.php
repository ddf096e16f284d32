<?php

declare(strict_types=1);

namespace App\Bench\Thermometer;

/** The line to a thermometer over TCP: lines as they come, an end when it is lost. */
final readonly class Wire
{
    /** Silent for longer than this, s, a thermometer is dialled again. */
    private const PATIENCE = 5;

    public function __construct(private string $address) {}

    /** @return iterable<string> until the line is lost; at once if nobody answers */
    public function lines(): iterable
    {
        $wire = @stream_socket_client('tcp://' . $this->address, $code, $why, self::PATIENCE);
        if ($wire === false) {
            return;
        }
        stream_set_timeout($wire, self::PATIENCE);
        while (($line = fgets($wire, 200)) !== false) {
            yield $line;
        }
        fclose($wire);
    }
}
