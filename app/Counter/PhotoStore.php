<?php

declare(strict_types=1);

namespace App\Counter;

use Illuminate\Validation\ValidationException;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException as NotDecodable;
use Intervention\Image\ImageManager;

/** Photos beside the database, as JPEG under their id. */
final readonly class PhotoStore
{
    /** Longest side, pixels. */
    private const SIDE = 1600;
    /** More pixels than this are not decoded: a small file can claim a huge picture. */
    private const MOST_PIXELS = 30_000_000;
    private const QUALITY = 82;
    /** Longest side on a paper, pixels. */
    private const SMALL = 520;

    public function __construct(private string $folder) {}

    /**
     * The type is judged by content, never by name or header; a file that is no picture is refused as invalid.
     *
     * @return array{int, int} width and height kept
     */
    public function keep(string $id, string $file): array
    {
        $size = @getimagesize($file);
        if ($size === false || !in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw ValidationException::withMessages([
                'photo' => 'This is no JPEG, PNG or WebP picture. Nothing was kept.',
            ]);
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw ValidationException::withMessages([
                'photo' => sprintf(
                    'This picture has %d × %d pixels; at most 30 million are taken.',
                    $size[0],
                    $size[1],
                ),
            ]);
        }
        try {
            $image = (new ImageManager(new Driver()))->read($file)->scaleDown(self::SIDE, self::SIDE);
            $jpeg = (string) $image->toJpeg(self::QUALITY, strip: true);
        } catch (NotDecodable) {
            throw ValidationException::withMessages([
                'photo' => 'This picture is damaged and cannot be read. Nothing was kept.',
            ]);
        }
        if (!is_dir($this->folder)) {
            mkdir($this->folder, 0o700, true);
        }
        file_put_contents($this->path($id), $jpeg);

        return [$image->width(), $image->height()];
    }

    /** Small, as a data address for a paper; null if the picture is not there. */
    public function small(string $id): ?string
    {
        if (!is_file($this->path($id))) {
            return null;
        }
        $image = (new ImageManager(new Driver()))->read($this->path($id))->scaleDown(self::SMALL, self::SMALL);

        return 'data:image/jpeg;base64,' . base64_encode((string) $image->toJpeg(self::QUALITY, strip: true));
    }

    public function path(string $id): string
    {
        return $this->folder . '/' . $id . '.jpg';
    }

    public function drop(string $id): void
    {
        if (is_file($this->path($id))) {
            unlink($this->path($id));
        }
    }
}
