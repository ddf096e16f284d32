<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Phones\Families;
use Facelift\Anatomy\Family;
use Facelift\Capture\FamilyFile;
use Facelift\Capture\FrontThing;
use Facelift\Capture\Provisional;
use Facelift\Capture\SeenThing;
use Facelift\Capture\Told;
use Facelift\Document\Unreadable;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Writes a phone file for a phone that nobody has drawn; needs no database. */
final class WriteProvisional extends Command
{
    use OptionText;

    protected $signature = 'facelift:provisional '
        . '{--family= : how it opens} '
        . '{--like= : phone file of one that it is like, instead of a family} '
        . '{--size= : width x height x thickness in mm, as 71.5x146.7x7.6} '
        . '{--maker=Unknown} {--model=Unknown} {--code=UNKNOWN} '
        . '{--front= : what is seen in front, as camera@35.7,9.4 earpiece-slot@35.7,3} '
        . '{--no-tray : it has no tray at its side} '
        . '{--stylus : it has one} '
        . '{--curved : its glass curves down at left and right}';

    protected $description = 'Write a provisional phone file';

    public function handle(Families $families): int
    {
        try {
            $document = (new Provisional($this->skeleton($families)))->of($this->told());
        } catch (Unreadable|\UnexpectedValueException $e) {
            $this->components->error($e->getMessage());

            return self::FAILURE;
        }
        $this->output->writeln(
            json_encode(
                $document,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            ),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /** @throws Unreadable If the file that it is like is none. */
    private function skeleton(Families $families): FamilyFile
    {
        $like = $this->text('like');
        if ($like !== '') {
            $document = is_file($like) ? json_decode((string) file_get_contents($like), true, 64) : null;
            $named = [];
            foreach (is_array($document) ? $document : [] as $key => $value) {
                $named[(string) $key] = $value;
            }

            return FamilyFile::like($named);
        }
        $family = Family::tryFrom($this->text('family')) ?? throw new \UnexpectedValueException(
            '--family must be one of ' . implode(', ', array_column(Family::cases(), 'value')) . '.',
        );

        return $families->of($family);
    }

    /** @throws \UnexpectedValueException If it is no size of a phone. */
    private function told(): Told
    {
        if (preg_match('/^([\d.]+)x([\d.]+)x([\d.]+)$/D', $this->text('size'), $mm) !== 1) {
            throw new \UnexpectedValueException('--size must be width x height x thickness in mm, as 71.5x146.7x7.6.');
        }
        $limits = ['width' => Told::WIDTH, 'height' => Told::HEIGHT, 'thickness' => Told::THICKNESS];
        foreach (array_keys($limits) as $i => $measure) {
            [$least, $most] = $limits[$measure];
            $is = (float) $mm[$i + 1];
            if ($is < $least || $is > $most) {
                throw new \UnexpectedValueException(
                    "--size: $measure $is mm must lie between $least and $most mm. Measure again with a ruler.",
                );
            }
        }

        return new Told(
            $this->text('maker'),
            $this->text('model'),
            $this->text('code'),
            (float) $mm[1],
            (float) $mm[2],
            (float) $mm[3],
            $this->front(),
            $this->option('no-tray') !== true,
            $this->option('stylus') === true,
            $this->option('curved') === true,
        );
    }

    /** @return list<SeenThing> */
    private function front(): array
    {
        $seen = [];
        $words = preg_split('/\s+/', $this->text('front'), -1, PREG_SPLIT_NO_EMPTY);
        foreach ($words === false ? [] : $words as $word) {
            $is = preg_match('/^([a-z-]+)@([\d.]+),([\d.]+)$/D', $word, $at) === 1;
            $what = $is ? FrontThing::tryFrom($at[1] ?? '') : null;
            if ($what === null) {
                $all = implode(', ', array_column(FrontThing::cases(), 'value'));
                $how = 'with its place, as camera@35.7,9.4';
                throw new \UnexpectedValueException("--front: \"$word\" must be one of $all $how.");
            }
            $seen[] = new SeenThing($what, (float) ($at[2] ?? 0), (float) ($at[3] ?? 0));
        }

        return $seen;
    }
}
