<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Words\Words;
use Facelift\Calibration\Dump;
use Facelift\Calibration\DumpDocument;
use Facelift\Calibration\IntelHex;
use Facelift\Document\Fault;
use Facelift\Document\Unreadable;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Checks, converts and compares dumps of displays' memories; needs no database. */
final class ReadDumps extends Command
{
    use OptionText;

    protected $signature = 'facelift:dump '
        . '{file* : dumps, or files of Intel HEX; with two the second is compared with the first} '
        . '{--like= : a dump whose panel and layout a file of Intel HEX takes} '
        . '{--json= : write the first there as a dump} '
        . '{--hex= : write the first there as Intel HEX}';

    protected $description = 'Check, convert and compare dumps';

    public function handle(Words $words): int
    {
        /** @var list<string> $files */
        $files = $this->argument('file');
        $dumps = $this->dumps($files);
        if ($dumps === null) {
            return self::FAILURE;
        }
        try {
            $this->write($dumps[$files[0]]);
        } catch (\UnexpectedValueException|\JsonException $e) {
            $this->components->error($e->getMessage());

            return self::FAILURE;
        }
        foreach ($dumps as $file => $dump) {
            $this->say(sprintf(
                '%s: %s, layout %s, %d bytes in %d blocks, CRC-32 %08X',
                $file,
                $dump->panel,
                $dump->layout->code,
                $dump->layout->size,
                $dump->layout->blocks(),
                $dump->crc32(),
            ));
        }
        foreach (array_slice($files, 1) as $file) {
            $this->say($files[0] . ' against ' . $file . ':');
            foreach ($dumps[$files[0]]->compare($dumps[$file])->said as $reason) {
                $this->say('  ' . $words->note($reason));
            }
        }

        return self::SUCCESS;
    }

    /**
     * @param list<string> $files
     *
     * @return array<string, Dump>|null null if any of them is refused
     */
    private function dumps(array $files): ?array
    {
        $dumps = [];
        $bad = false;
        foreach ($files as $file) {
            try {
                $dumps[$file] = $this->dump($file);
            } catch (Unreadable $e) {
                $bad = true;
                foreach ($e->faults as $fault) {
                    $this->say($file . ': ' . ($fault->path === '' ? '' : $fault->path . ': ') . $fault->reason);
                }
            }
        }

        return $bad ? null : $dumps;
    }

    private function dump(string $file): Dump
    {
        $text = self::contents($file);
        if (!str_starts_with(ltrim($text), ':')) {
            return self::document($text);
        }
        $like = $this->text('like');
        if ($like === '') {
            throw Unreadable::because('dump', [
                new Fault('', 'is Intel HEX, which names no panel: say with --like whose layout it has'),
            ]);
        }
        $known = self::document(self::contents($like));

        return Dump::of($known->panel, $known->connector, $known->layout, (new IntelHex())->read($text));
    }

    private static function contents(string $file): string
    {
        if (!is_file($file) || !is_readable($file)) {
            throw Unreadable::because('dump', [new Fault('', 'cannot be read')]);
        }

        return (string) file_get_contents($file);
    }

    private static function document(string $text): Dump
    {
        try {
            return (new DumpDocument())->read(json_decode($text, true, 16, JSON_THROW_ON_ERROR));
        } catch (\JsonException $e) {
            throw Unreadable::because('dump', [new Fault('', 'is not JSON: ' . $e->getMessage())]);
        }
    }

    private function write(Dump $dump): void
    {
        $texts = [
            'json' => json_encode(
                (new DumpDocument())->write($dump),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION
                    | JSON_THROW_ON_ERROR,
            ) . "\n",
            'hex' => (new IntelHex())->write($dump->bytes),
        ];
        foreach ($texts as $option => $text) {
            $to = $this->text($option);
            if ($to === '') {
                continue;
            }
            // A dump is never overwritten: it may be the only copy.
            $out = is_dir(dirname($to)) ? @fopen($to, 'x') : false;
            if ($out === false || fwrite($out, $text) !== strlen($text) || !fclose($out)) {
                throw new \UnexpectedValueException(
                    '--' . $option . ' ' . $to
                        . (file_exists($to) ? ' is there already: not overwritten' : ' cannot be written'),
                );
            }
            $this->output->getErrorStyle()->writeln($to . ' written');
        }
    }

    private function say(string $line): void
    {
        $this->output->writeln($line, OutputInterface::OUTPUT_RAW);
    }
}
