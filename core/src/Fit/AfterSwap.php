<?php

declare(strict_types=1);

namespace Facelift\Fit;

use Facelift\Anatomy\Notice;
use Facelift\Anatomy\Panel;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Reason;

/** What the customer will see after the swap, for one phone and one part, by each way that there is. */
final readonly class AfterSwap
{
    /** @param list<SwapWay> $ways the one that keeps most first; none if there is nothing to decide or to see */
    private function __construct(public array $ways) {}

    /** @param Sheet $sheet of the part; what it does not say is not known */
    public static function of(Panel $panel, ReplacementKind $kind, Sheet $sheet): self
    {
        if (!$panel->memory && $panel->notice === Notice::None) {
            return new self([]);
        }
        $ways = $kind === ReplacementKind::GlassOnly
            ? [DataWay::Own]
            : array_values(array_filter(
                [DataWay::Copy, DataWay::Leave, DataWay::Chip],
                static fn(DataWay $w): bool => self::canBe($w, $panel, $sheet),
            ));

        return new self(array_map(static fn(DataWay $w): SwapWay => self::way($w, $panel, $sheet), $ways));
    }

    /** The same without a way that cannot be offered. */
    public function without(DataWay $way): self
    {
        return new self(array_values(array_filter($this->ways, static fn(SwapWay $w): bool => $w->way !== $way)));
    }

    public function by(?DataWay $way): ?SwapWay
    {
        foreach ($this->ways as $one) {
            if ($one->way === $way) {
                return $one;
            }
        }

        return null;
    }

    /** The way that is taken unless somebody decides otherwise; null if there is nothing to decide. */
    public function usual(): ?SwapWay
    {
        return $this->ways[0] ?? null;
    }

    private static function canBe(DataWay $way, Panel $panel, Sheet $sheet): bool
    {
        return match ($way) {
            // A part that says nothing of a memory may have one: the programmer will tell.
            DataWay::Copy => $panel->memory && $sheet->memory !== false,
            DataWay::Chip => $panel->data?->chip !== null && $sheet->chipPlace === true,
            default => true,
        };
    }

    private static function way(DataWay $way, Panel $panel, Sheet $sheet): SwapWay
    {
        $rows = [];
        foreach ($panel->memory ? $panel->data->serves ?? [PhoneFunction::ColourAdapting] : [] as $function) {
            $rows[] = self::served($function, $way, $sheet);
        }
        if ($panel->notice !== Notice::None) {
            $rows[] = self::notice($way, $panel, $sheet);
        }

        return new SwapWay($way, $rows, self::hears($way, $rows, $sheet));
    }

    private static function served(PhoneFunction $function, DataWay $way, Sheet $sheet): SwapRow
    {
        [$fate, $because] = match (true) {
            $way === DataWay::Own => [Fate::Kept, 'swap-own-panel'],
            $way === DataWay::Chip => [Fate::Kept, 'swap-chip-moved'],
            $way === DataWay::Copy && $sheet->memory === true => [Fate::Kept, 'swap-copied'],
            $way === DataWay::Copy => [Fate::Unknown, 'swap-memory-unknown'],
            $sheet->memory === false => [Fate::Lost, 'swap-no-memory'],
            $sheet->pulled === true => [Fate::Lost, 'swap-another-phones-data'],
            default => [Fate::Lost, 'swap-not-copied'],
        };

        return new SwapRow($function, $fate, new Reason($because));
    }

    /** A notice goes by the part, not by its data, unless the file says that copying takes it away. */
    private static function notice(DataWay $way, Panel $panel, Sheet $sheet): SwapRow
    {
        $copied = $way === DataWay::Copy && $panel->notice === Notice::UntilCopied;
        $moved = $way === DataWay::Chip && $panel->data?->chip?->carriesNotice === true;
        [$fate, $because] = match (true) {
            $way === DataWay::Own => [Fate::NotShown, 'swap-own-panel'],
            $moved => [Fate::NotShown, 'swap-chip-carries-notice'],
            $copied && $sheet->memory === true => [Fate::NotShown, 'swap-notice-goes-when-copied'],
            $copied => [Fate::Unknown, 'swap-memory-unknown'],
            default => [Fate::Shown, 'swap-notice-by-part'],
        };

        return new SwapRow(
            PhoneFunction::PartNotice,
            $fate,
            new Reason($because),
            $fate === Fate::Shown ? $panel->noticeDays : 0,
        );
    }

    /**
     * @param list<SwapRow> $rows
     *
     * @return list<Reason>
     */
    private static function hears(DataWay $way, array $rows, Sheet $sheet): array
    {
        $hears = [];
        foreach ($rows as $row) {
            $of = ['functions' => $row->function->value];
            $hears[] = match ($row->fate) {
                Fate::Kept => $way === DataWay::Own ? null : new Reason('customer-function-kept', $of),
                Fate::Lost => new Reason('customer-function-lost', $of),
                Fate::Unknown => $row->function === PhoneFunction::PartNotice
                    ? null
                    : new Reason('customer-function-unknown', $of),
                Fate::Shown => $row->days > 0
                    ? new Reason('customer-notice-days', ['days' => $row->days])
                    : new Reason('part-notice-stays'),
                Fate::NotShown => $way === DataWay::Copy ? new Reason('part-notice-goes-after-copy') : null,
            };
        }
        if ($way === DataWay::Chip) {
            $hears[] = new Reason('customer-chip-may-fail');
        }
        if ($sheet->pulled === true) {
            $hears[] = new Reason('customer-pulled-part');
        }

        return array_values(array_filter($hears));
    }
}
