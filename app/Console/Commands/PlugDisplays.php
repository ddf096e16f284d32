<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Calibration\MadeUpDisplay;
use App\Phones\PhoneLibrary;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Config;

/** Puts two made-up displays of a phone into the stand-in for a programmer. */
final class PlugDisplays extends Command
{
    protected $signature = 'facelift:displays {phone=quillon-vesper}';

    protected $description = 'Put two made-up displays of a phone into the programmer\'s stand-in';

    public function handle(PhoneLibrary $phones): int
    {
        $panel = $phones->phone((string) $this->argument('phone'))->panel;
        $layout = $panel->data?->layout;
        if ($layout === null) {
            $this->error('The phone file does not say what lies in the memory of this display.');

            return self::FAILURE;
        }
        foreach (['old' => '0713', 'new' => '0999'] as $socket => $number) {
            $display = new MadeUpDisplay($panel->connectorCode . '-' . $number);
            $command = ['plug', $socket, $display->marking, $panel->connectorCode, $layout->code];
            $said = self::tell(implode(' ', [...$command, bin2hex($display->bytes($layout))]));
            if ($said !== 'ok') {
                $this->error($said);

                return self::FAILURE;
            }
            $this->line("$socket: $display->marking");
        }

        return self::SUCCESS;
    }

    private static function tell(string $command): string
    {
        $port = Config::string('facelift.programmer_control');
        $wire = @stream_socket_client('tcp://127.0.0.1:' . $port, $code, $why, 2.0);
        if ($wire === false) {
            return 'The stand-in does not answer.';
        }
        stream_set_timeout($wire, 2);
        fwrite($wire, $command . "\n");

        return trim((string) fgets($wire));
    }
}
