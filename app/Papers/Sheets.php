<?php

declare(strict_types=1);

namespace App\Papers;

/** A drawing in mm as a PDF of A4 at its true size. */
final readonly class Sheets
{
    public static function pdf(string $svg, string $title = 'Screw mat'): string
    {
        $pdf = new PlainPdf($title);
        $pdf->AddPage();
        $pdf->ImageSVG(
            '@' . $svg,
            0,
            0,
            210,
            297,
        );

        return $pdf->Output('sheet.pdf', 'S');
    }
}
