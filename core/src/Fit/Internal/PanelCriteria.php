<?php

declare(strict_types=1);

namespace Facelift\Fit\Internal;

use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Document\Reason;
use Facelift\Fit\Criterion;
use Facelift\Fit\HeightBudget;
use Facelift\Fit\Offer;
use Facelift\Fit\Sits;

/**
 * What the panel itself has to be.
 *
 * @internal
 */
final readonly class PanelCriteria
{
    /** Lit areas that differ by less are the same panel measured twice, mm. */
    private const SAME_SIZE = 0.6;

    public function __construct(private Phone $phone, private Offer $offer) {}

    /** @return list<Criterion> */
    public function all(): array
    {
        return [
            $this->technology(),
            $this->size(),
            $this->pixels(),
            $this->stylus(),
            $this->reader(),
            $this->refresh(),
            $this->thickness(),
            $this->memory(),
        ];
    }

    private function technology(): Criterion
    {
        $is = $this->offer->technology;
        $was = $this->phone->panel->technology;
        if ($is === null) {
            return Criterion::missing('technology');
        }
        $figures = ['technology' => $is->value, 'was' => $was->value];

        return match (true) {
            $is === $was => Criterion::fits('technology', new Reason('technology-same', $figures)),
            $is === PanelTechnology::Lcd && $this->phone->panel->readerUnderDisplay => Criterion::refused(
                'technology',
                new Reason('no-reader-through-lcd', $figures),
            ),
            $was === PanelTechnology::Lcd => Criterion::refused(
                'technology',
                new Reason('technology-differs', $figures),
            ),
            $is === PanelTechnology::Lcd => Criterion::loses(
                'technology',
                new Reason('lcd-for-oled', $figures),
                new Reason('customer-lcd'),
            ),
            default => Criterion::loses(
                'technology',
                new Reason('aftermarket-oled', $figures),
                new Reason('customer-aftermarket-oled', $figures),
            ),
        };
    }

    private function size(): Criterion
    {
        $sheet = $this->offer->sheet;
        if ($sheet->width === null || $sheet->height === null) {
            return Criterion::missing('size');
        }
        $lit = $this->phone->body->display;
        $figures = [
            'width' => $sheet->width,
            'height' => $sheet->height,
            'wasWidth' => $lit->width,
            'wasHeight' => $lit->height,
        ];
        $smaller = max($lit->width - $sheet->width, $lit->height - $sheet->height);
        $larger = max($sheet->width - $lit->width, $sheet->height - $lit->height);

        return match (true) {
            $larger > self::SAME_SIZE => Criterion::refused('size', new Reason('size-too-large', $figures)),
            $smaller > self::SAME_SIZE => Criterion::loses(
                'size',
                new Reason('size-smaller', $figures),
                new Reason('customer-wider-bezel', ['mm' => round($smaller / 2, 1)]),
            ),
            default => Criterion::fits('size', new Reason('size-same', $figures)),
        };
    }

    private function pixels(): Criterion
    {
        $sheet = $this->offer->sheet;
        if ($sheet->pixelsWide === null || $sheet->pixelsHigh === null) {
            return Criterion::missing('pixels');
        }
        $body = $this->phone->body;
        $figures = [
            'wide' => $sheet->pixelsWide,
            'high' => $sheet->pixelsHigh,
            'wasWide' => $body->pixelsWide,
            'wasHigh' => $body->pixelsHigh,
        ];

        return $sheet->pixelsWide === $body->pixelsWide && $sheet->pixelsHigh === $body->pixelsHigh
            ? Criterion::fits('pixels', new Reason('pixels-same', $figures))
            : Criterion::loses(
                'pixels',
                new Reason('pixels-differ', $figures),
                new Reason('customer-coarser-picture', $figures),
            );
    }

    private function stylus(): Criterion
    {
        if (!$this->phone->has(PhoneFunction::Stylus)) {
            return Criterion::fits('stylus-layer', new Reason('no-stylus'));
        }

        return match ($this->offer->sheet->stylusLayer) {
            null => Criterion::missing('stylus-layer'),
            true => Criterion::fits('stylus-layer', new Reason('stylus-layer-in-it')),
            false => Criterion::loses(
                'stylus-layer',
                new Reason('stylus-layer-missing'),
                new Reason('customer-stylus-dead'),
            ),
        };
    }

    private function reader(): Criterion
    {
        if (!$this->phone->panel->readerUnderDisplay) {
            return Criterion::fits('reader', new Reason('no-reader-under-display'));
        }

        return match ($this->offer->sheet->readerThrough) {
            null => Criterion::missing('reader'),
            true => Criterion::fits('reader', new Reason('reader-sees-through')),
            false => Criterion::loses('reader', new Reason('reader-blind'), new Reason('customer-fingerprint-lost')),
        };
    }

    private function refresh(): Criterion
    {
        if ($this->offer->refresh === null) {
            return Criterion::missing('refresh');
        }
        $figures = ['refresh' => $this->offer->refresh, 'was' => $this->phone->panel->refresh];

        return $this->offer->refresh >= $this->phone->panel->refresh
            ? Criterion::fits('refresh', new Reason('refresh-kept', $figures))
            : Criterion::loses(
                'refresh',
                new Reason('refresh-lower', $figures),
                new Reason('customer-less-smooth', $figures),
            );
    }

    private function thickness(): Criterion
    {
        if ($this->offer->sheet->thickness === null) {
            return Criterion::missing('thickness');
        }
        $thickness = $this->offer->sheet->thickness;
        if (!is_finite($thickness) || $thickness <= 0.0) {
            return Criterion::refused('thickness', new Reason('thickness-cannot-be'));
        }
        $budget = HeightBudget::for($this->phone, $thickness);
        $figures = [
            'module' => $budget->module->mm,
            'adhesive' => $budget->adhesive->mm,
            'recess' => $budget->recess->mm,
            'proud' => round($budget->proud(), 2),
            'likely' => round($budget->likely(), 2),
            'worst' => round($budget->worst(), 2),
        ];

        return match ($budget->sits()) {
            Sits::NotHeld => Criterion::refused(
                'thickness',
                new Reason('height-not-held', $figures),
            ),
            Sits::Proud => Criterion::loses(
                'thickness',
                new Reason('height-proud', $figures),
                new Reason('customer-stands-proud', ['mm' => round(max($budget->proud(), $budget->likely()), 2)]),
            ),
            Sits::Sunk => Criterion::loses(
                'thickness',
                new Reason('height-sunk', $figures),
                new Reason('customer-sits-low', ['mm' => round(-$budget->proud(), 2)]),
            ),
            Sits::Flush => Criterion::fits('thickness', new Reason('height-flush', $figures)),
        };
    }

    private function memory(): Criterion
    {
        if (!$this->phone->panel->memory) {
            return Criterion::fits('memory', new Reason('memory-not-needed'));
        }

        return match ($this->offer->sheet->memory) {
            null => Criterion::missing('memory'),
            true => Criterion::fits('memory', new Reason('memory-in-it')),
            false => Criterion::loses(
                'memory',
                new Reason('memory-missing'),
                new Reason('customer-function-lost', ['functions' => PhoneFunction::ColourAdapting->value]),
            ),
        };
    }
}
