<?php

declare(strict_types=1);

namespace App\Papers;

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
     * @param list<ShelfLabel> $labels at least one
     */
    public function pdf(array $labels): string
    {
        $pdf = new PlainPdf('Shelf labels');
        foreach ($labels as $i => $label) {
            $at = $i % (self::COLUMNS * self::ROWS);
            if ($at === 0) {
                $pdf->AddPage();
            }
            $this->label(
                $pdf,
                $label,
                ($at % self::COLUMNS) * self::WIDTH,
                self::TOP + intdiv($at, self::COLUMNS) * self::HEIGHT,
            );
        }

        return $pdf->Output('labels.pdf', 'S');
    }

    private function label(
        \TCPDF $pdf,
        ShelfLabel $label,
        float $x,
        float $y,
    ): void {
        $pdf->write2DBarcode(
            $label->address,
            'QRCODE,M',
            $x + 4,
            $y + 5,
            self::CODE,
            self::CODE,
            ['padding' => 0],
        );
        $lines = [
            [15, 'B', $label->label],
            ...array_map(
                static fn(string $l, int $i): array => [8, '', mb_strimwidth($l, 0, $i === 0 ? 44 : 30, '…')],
                $label->lines,
                array_keys($label->lines),
            ),
            [10, 'B', $label->place],
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
