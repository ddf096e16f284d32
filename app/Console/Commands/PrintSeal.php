<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Papers\Sheets;
use App\Words\Words;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\UnknownId;
use Facelift\Condition\Condition;
use Facelift\Document\Unreadable;
use Facelift\Plan\SealDocument;
use Facelift\Seal\CutDrawing;
use Facelift\Seal\DxfSheet;
use Facelift\Seal\NothingToSeal;
use Facelift\Seal\SealRequest;
use Facelift\Seal\SvgSheet;
use Facelift\Seal\Way;
use Facelift\Seal\WayChoice;
use Facelift\Seal\WayFinder;
use Facelift\Seal\WayOffer;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Works out how a bond is made again, from a phone file alone; needs no database. */
final class PrintSeal extends Command
{
    use OptionText;

    protected $signature = 'facelift:seal '
        . '{file : phone file} '
        . '{--part= : kind of part} '
        . '{--bond= : id of a bond that goes round an edge; the one that holds the part if none is named} '
        . '{--way= : a way; the recommended one if none is named} '
        . '{--svg= : write the cut sheet there} '
        . '{--dxf= : write the pieces there} '
        . '{--pdf= : write the cut sheet there} '
        . '{--json= : write all ways there}';

    protected $description = 'Lay out the adhesive of a bond';

    public function handle(Words $words): int
    {
        try {
            $request = $this->request();
            $choice = (new WayFinder())->find($request);
            $offer = $this->offer($choice, $words);
            $this->write($request, $choice, $offer);
        } catch (Unreadable|UnknownId|NothingToSeal|\UnexpectedValueException|\JsonException $e) {
            $this->components->error($e->getMessage());

            return self::FAILURE;
        }
        foreach ($this->lines($request, $choice, $offer, $words) as $line) {
            $this->output->writeln($line, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }

    private function request(): SealRequest
    {
        $given = GivenPhone::from($this->argument('file'), $this->option('part'));
        [$phone, $part] = [$given->phone, $given->part];
        $bond = $this->bond($phone, $part);
        $new = in_array($bond->lifted(), $part->replaces, true);

        return new SealRequest($phone, $bond, $new ? $part : null, Condition::observed([]));
    }

    private function bond(Phone $phone, Replacement $part): Bond
    {
        $named = $this->text('bond');
        $round = array_filter($phone->bonds, static fn(Bond $b): bool => $b->cut !== null);
        if ($named !== '') {
            return $round[$named] ?? throw new \UnexpectedValueException(
                '--bond "' . $named . '" must be one of ' . implode(', ', array_keys($round)),
            );
        }
        foreach ($round as $bond) {
            if (in_array($bond->lifted(), $part->replaces, true)) {
                return $bond;
            }
        }

        throw new \UnexpectedValueException('no bond of this phone goes round an edge');
    }

    private function offer(WayChoice $choice, Words $words): WayOffer
    {
        $named = $this->text('way');
        $way = Way::tryFrom($named);
        if ($named !== '' && $way === null) {
            throw new \UnexpectedValueException(
                '--way "' . $named . '" must be one of ' . implode(', ', array_column(Way::cases(), 'value')),
            );
        }
        $offer = $way === null ? $choice->recommended() : $choice->by($way);
        if ($offer === null || $offer->refused !== null) {
            throw new \UnexpectedValueException(
                ($way === null ? 'no way' : $named) . ' cannot be taken here. '
                    . ($offer?->refused === null ? '' : $words->note($offer->refused)),
            );
        }

        return $offer;
    }

    private function write(SealRequest $request, WayChoice $choice, WayOffer $offer): void
    {
        $drawing = CutDrawing::of($request, $offer);
        $svg = (new SvgSheet($drawing))->svg();
        $texts = [
            'svg' => static fn(): string => $svg,
            'dxf' => static fn(): string => (new DxfSheet($drawing))->dxf(),
            'pdf' => static fn(): string => Sheets::pdf($svg, $drawing->title),
            'json' => static fn(): string => json_encode(
                (new SealDocument())->write($request, $choice),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            ) . "\n",
        ];
        foreach ($texts as $option => $text) {
            $to = $this->text($option);
            if ($to === '') {
                continue;
            }
            if (!is_dir(dirname($to)) || @file_put_contents($to, $text()) === false) {
                throw new \UnexpectedValueException('--' . $option . ' ' . $to . ' cannot be written');
            }
            $this->output->getErrorStyle()->writeln($to . ' written');
        }
    }

    /** @return list<string> */
    private function lines(SealRequest $request, WayChoice $choice, WayOffer $offer, Words $words): array
    {
        $lines = [
            $request->phone->identity->name() . ', ' . $request->bond->name . ': '
                . $words->say('way.' . $offer->way->value),
        ];
        $why = $offer === $choice->recommended() ? $choice->because : [];
        foreach ([...$why, ...($offer->heights?->because() ?? []), ...$offer->because] as $reason) {
            $lines[] = '  ' . $words->note($reason);
        }
        foreach ($offer->tape->pieces ?? [] as $i => $piece) {
            $lines[] = sprintf(
                '%4d  %4s mm  %6.1f mm  %s%s',
                $i + 1,
                $piece->stock,
                $piece->length,
                $words->say('edge.' . $piece->place->value),
                $piece->notch === null ? '' : sprintf(', %d notches', $piece->notch->count),
            );
        }
        if ($offer->bead !== null) {
            $lines[] = sprintf(
                '      bead  %6.1f mm  %.2f ml in %d s',
                $offer->bead->length(),
                $offer->bead->ml(),
                round($offer->bead->seconds()),
            );
        }

        return $lines;
    }
}
