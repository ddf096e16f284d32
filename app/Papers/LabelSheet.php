<?php

declare(strict_types=1);

namespace App\Papers;

use App\Models\ShelfItem;

/**
 * A4 sheets of labels, three by eight of 70 × 36 mm; each with a QR code that opens the item in the shop's own
 * application.
 */
final readonly class LabelSheet
{
    private const COLUMNS = 3;
    private const ROWS = 8;
    private const WIDTH = 70.0;
    private const HEIGHT = 36.0;
    private const TOP = 4.5;
    private const CODE = 26.0;

    /**
     * @param array<int, ShelfItem> $items  at least one
     * @param string                $origin address of the application, without a slash at its end
     */
    public function pdf(array $items, string $origin): string
    {
        $pdf = new PlainPdf('Shelf labels');
        foreach (array_values($items) as $i => $item) {
            $at = $i % (self::COLUMNS * self::ROWS);
            if ($at === 0) {
                $pdf->AddPage();
            }
            $this->label(
                $pdf,
                $item,
                $origin,
                ($at % self::COLUMNS) * self::WIDTH,
                self::TOP + intdiv($at, self::COLUMNS) * self::HEIGHT,
            );
        }

        return $pdf->Output('labels.pdf', 'S');
    }

    private function label(
        \TCPDF $pdf,
        ShelfItem $item,
        string $origin,
        float $x,
        float $y,
    ): void {
        $pdf->write2DBarcode(
            $origin . '/shelf/' . rawurlencode($item->label),
            'QRCODE,M',
            $x + 4,
            $y + 5,
            self::CODE,
            self::CODE,
            ['padding' => 0],
        );
        $lines = [
            [15, 'B', $item->label],
            [8, '', mb_strimwidth($item->name, 0, 44, '…')],
            [8, '', mb_strimwidth(implode(' ', $item->model_codes), 0, 30, '…')],
            [8, '', mb_strimwidth($item->supplier . ', ' . $item->batch, 0, 30, '…')],
            [10, 'B', $item->place],
        ];
        $top = $y + 5;
        foreach ($lines as [$size, $weight, $text]) {
            $pdf->setFont('dejavusans', $weight, $size);
            $pdf->setXY($x + self::CODE + 7, $top);
            $pdf->MultiCell(
                self::WIDTH - self::CODE - 10,
                0,
                $text,
                0,
                'L',
            );
            $top = $pdf->GetY() + 0.4;
        }
    }
}
