<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** The one shell entry, run as a person would. */
final class ShellTest extends TestCase
{
    public function testSaysPlainlyWhichPortIsTaken(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $port = explode(':', (string) stream_socket_get_name($socket, false))[1];
        [$code, $text] = self::facelift('start -d', ['FACELIFT_PORT' => $port, 'FACELIFT_VAR' => self::folder()]);
        self::assertSame(1, $code, $text);
        self::assertStringContainsString("port $port is taken by another program", $text);
    }

    public function testAnUnknownCommandShowsTheUsage(): void
    {
        [$code, $text] = self::facelift('dance', ['FACELIFT_VAR' => self::folder()]);
        self::assertSame(2, $code);
        self::assertStringContainsString('./facelift start', $text);
    }

    public function testStatusOfNothing(): void
    {
        [$code, $text] = self::facelift('status', ['FACELIFT_VAR' => self::folder()]);
        self::assertSame(0, $code, $text);
        self::assertStringContainsString('nginx does not run', $text);
    }

    public function testCheckExitsWithOneOnAFault(): void
    {
        $bad = self::folder() . '/bad.phone.json';
        file_put_contents($bad, '{"format": "other"}');
        [$code, $text] = self::facelift('check ' . escapeshellarg($bad), ['FACELIFT_VAR' => self::folder()]);
        self::assertSame(1, $code);
        self::assertStringContainsString($bad . ': format: must be facelift-phone with version 1 or 2', $text);
        self::assertSame(
            0,
            self::facelift('check phones/quillon-vesper.phone.json', ['FACELIFT_VAR' => self::folder()])[0],
        );
    }

    public function testPlanNeedsNoDatabase(): void
    {
        [$code, $text] = self::facelift(
            'plan phones/brasca-fern-5.phone.json --part display-with-frame --source plate:85',
            ['FACELIFT_VAR' => self::folder(), 'DB_SOCKET' => '/nowhere'],
        );
        self::assertSame(0, $code, $text);
        self::assertStringContainsString('Unplug: Battery connector', $text);
        self::assertStringNotContainsString('{', $text, 'every placeholder is filled');
    }

    /**
     * @param array<string, string> $settings
     *
     * @return array{int, string}
     */
    private static function facelift(string $arguments, array $settings): array
    {
        $root = dirname(__DIR__, 2);
        $env = implode(
            ' ',
            array_map(
                static fn(string $k, string $v): string => $k . '=' . escapeshellarg($v),
                array_keys($settings),
                $settings,
            ),
        );
        exec('cd ' . escapeshellarg($root) . " && env $env ./facelift $arguments 2>&1", $lines, $code);

        return [$code, implode("\n", $lines)];
    }

    private static function folder(): string
    {
        $folder = dirname(__DIR__, 2) . '/var/shell-test';
        if (!is_dir($folder)) {
            mkdir($folder, 0700, true);
        }

        return $folder;
    }
}
