<?php

declare(strict_types=1);

namespace App\Papers;

/** A QR code. */
final readonly class QrCode
{
    /** @return list<string> row by row, 1 for a dark square */
    public static function rows(string $text): array
    {
        $barcode = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $rows = is_array($barcode) && is_array($barcode['bcode'] ?? null) ? $barcode['bcode'] : [];

        return array_values(array_map(
            static fn(mixed $row): string => implode('', is_array($row) ? array_filter($row, is_scalar(...)) : []),
            $rows,
        ));
    }

    /** As a picture for a paper. */
    public static function picture(string $text): string
    {
        $rows = self::rows($text);
        $dark = '';
        foreach ($rows as $y => $row) {
            // Runs of dark squares as one box: fewer seams, and fewer shapes to draw.
            preg_match_all('/1+/', $row, $runs, PREG_OFFSET_CAPTURE);
            foreach ($runs[0] as [$run, $x]) {
                $dark .= Picture::box(
                    (float) $x,
                    (float) $y,
                    (float) strlen($run),
                    1.0,
                    'fill="#000"',
                );
            }
        }
        $size = (float) count($rows);

        return Picture::of($size, $size, $dark);
    }
}
