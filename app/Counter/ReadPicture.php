<?php

declare(strict_types=1);

namespace App\Counter;

use Illuminate\Validation\ValidationException;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException as NotDecodable;
use Intervention\Image\ImageManager;

/** A picture as it is kept: upright, made smaller, and encoded anew, so that nothing else of the file survives. */
final readonly class ReadPicture
{
    /** Longest side, pixels. */
    private const SIDE = 1600;
    /** More pixels than this are not decoded: a small file can claim a huge picture. */
    private const MOST_PIXELS = 30_000_000;
    private const QUALITY = 82;
    /** Longest side on a paper, pixels. */
    private const SMALL = 520;

    /**
     * @param int $width  pixels
     * @param int $height pixels
     */
    private function __construct(public string $jpeg, public int $width, public int $height) {}

    /**
     * The type is judged by content, never by name or header.
     *
     * @throws ValidationException If the file is no picture, or too large a one.
     */
    public static function of(string $file): self
    {
        $size = @getimagesize($file);
        if ($size === false || !in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw self::refused('This is no JPEG, PNG or WebP picture. Nothing was kept.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw self::refused(sprintf(
                'This picture has %d × %d pixels; at most 30 million are taken.',
                $size[0],
                $size[1],
            ));
        }
        try {
            $image = (new ImageManager(new Driver()))->read($file)->scaleDown(self::SIDE, self::SIDE);

            return new self(
                (string) $image->toJpeg(self::QUALITY, strip: true),
                $image->width(),
                $image->height(),
            );
        } catch (NotDecodable) {
            throw self::refused('This picture is damaged and cannot be read. Nothing was kept.');
        }
    }

    /** Small, as a data address for a paper. */
    public static function small(string $jpeg): string
    {
        $image = (new ImageManager(new Driver()))->read($jpeg)->scaleDown(self::SMALL, self::SMALL);

        return 'data:image/jpeg;base64,' . base64_encode((string) $image->toJpeg(self::QUALITY, strip: true));
    }

    private static function refused(string $why): ValidationException
    {
        return ValidationException::withMessages(['photo' => $why]);
    }
}
