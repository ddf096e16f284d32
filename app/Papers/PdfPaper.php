<?php

declare(strict_types=1);

namespace App\Papers;

use Dompdf\Dompdf;
use Dompdf\Options;

/** Turns a page of HTML into a PDF on A4; nothing is fetched from anywhere and no script runs. */
final readonly class PdfPaper
{
    public static function of(string $html): string
    {
        $options = new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'fontCache' => storage_path('framework'),
            'tempDir' => storage_path('framework'),
        ]);
        $pdf = new Dompdf($options);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->setPaper('A4');
        $pdf->render();

        return (string) $pdf->output();
    }
}
