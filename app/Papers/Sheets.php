<?php

declare(strict_types=1);

namespace App\Papers;

/** A drawing in mm as a PDF of A4 at its true size. */
final readonly class Sheets
{
    public static function pdf(string $svg): string
    {
        $pdf = new PlainPdf(
            'P',
            'mm',
            'A4',
            true,
            'UTF-8',
        );
        $pdf->setCreator('Facelift');
        $pdf->setTitle('Screw mat');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setAutoPageBreak(false);
        $pdf->AddPage();
        $pdf->ImageSVG(
            '@' . $svg,
            0,
            0,
            210,
            297,
        );

        return $pdf->Output('mat.pdf', 'S');
    }
}
