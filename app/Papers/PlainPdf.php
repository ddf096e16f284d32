<?php

declare(strict_types=1);

namespace App\Papers;

/**
 * Sheets of A4 in mm without margins, header, footer, or the library's own advertising line.
 *
 * @internal
 */
final class PlainPdf extends \TCPDF
{
    public function __construct(string $title)
    {
        parent::__construct(
            'P',
            'mm',
            'A4',
            true,
            'UTF-8',
        );
        $this->tcpdflink = false;
        $this->setCreator('Facelift');
        $this->setTitle($title);
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->setMargins(0, 0, 0);
        $this->setAutoPageBreak(false);
    }
}
