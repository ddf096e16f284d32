<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Facelift\Document\Fault;
use Facelift\Document\Unreadable;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Prints every fault of phone files, one per line, for people and editors. */
final class CheckPhoneFiles extends Command
{
    protected $signature = 'facelift:check {file* : phone files}';

    protected $description = 'Check phone files';

    public function handle(): int
    {
        $bad = false;
        /** @var list<string> $files */
        $files = $this->argument('file');
        foreach ($files as $file) {
            foreach ($this->faults($file) as $fault) {
                $bad = true;
                $this->output->writeln(
                    $file . ': ' . ($fault->path === '' ? '$' : $fault->path) . ': ' . $fault->reason,
                    OutputInterface::OUTPUT_RAW,
                );
            }
        }

        return $bad ? self::FAILURE : self::SUCCESS;
    }

    /** @return list<Fault> */
    private function faults(string $file): array
    {
        if (!is_file($file) || !is_readable($file)) {
            return [new Fault('', 'cannot be read')];
        }
        try {
            PhoneText::of($file);
        } catch (Unreadable $e) {
            return $e->faults;
        }

        return [];
    }
}
