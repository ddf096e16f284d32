<?php

declare(strict_types=1);

namespace App\Papers;

/**
 * A PDF without the library's own advertising line.
 *
 * @internal
 */
final class PlainPdf extends \TCPDF
{
    public function __construct(
        string $orientation,
        string $unit,
        string $format,
        bool $unicode,
        string $encoding,
    ) {
        parent::__construct(
            $orientation,
            $unit,
            $format,
            $unicode,
            $encoding,
        );
        $this->tcpdflink = false;
    }
}
