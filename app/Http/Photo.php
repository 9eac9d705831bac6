<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Project;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** A photograph taken in: a picture by its content, drawn anew so that nothing but the picture is kept, its time beside it. */
final readonly class Photo
{
    /** As many as a telephone's best camera has, and more than is kept. */
    private const MOST_PIXELS = 50_000_000;

    private const LARGEST = 25_000_000;

    private const SIDE = 2400;

    private const QUALITY = 82;

    private function __construct(public string $hash, private string $bytes, private int $width, private int $height,
        private string $time) {}

    /**
     * @return self|null where none was sent
     *
     * @throws ValidationException
     */
    public static function taken(mixed $file): ?self
    {
        if ($file === null) {
            return null;
        }
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::LARGEST) {
            throw self::wrong('Not taken: allowed are photographs up to 25 MB.');
        }
        $path = $file->getPathname();
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw self::wrong('This is no picture, whatever its name says. Allowed: JPEG, PNG, WebP.');
        }
        self::refuseHuge($size[0], $size[1]);
        [$bytes, $width, $height] = self::drawn($path);

        return new self(hash('sha256', $bytes), $bytes, $width, $height, self::time($path, $size[2]));
    }

    public function keep(Project $project): void
    {
        $project->photographs()->firstOrCreate(['hash' => $this->hash], [
            'bytes' => strlen($this->bytes), 'width' => $this->width, 'height' => $this->height, 'taken' => $this->time,
            'content' => base64_encode($this->bytes),
        ]);
    }

    /** One that came with a file, by the SHA-256 that its entry names; drawn before it was exported. */
    public static function kept(Project $project, string $hash, string $bytes): void
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG) {
            throw self::wrong('A photograph in the file is no JPEG.');
        }
        self::refuseHuge($size[0], $size[1]);
        (new self($hash, $bytes, $size[0], $size[1], ''))->keep($project);
    }

    private static function refuseHuge(int $width, int $height): void
    {
        if ($width * $height > self::MOST_PIXELS) {
            throw self::wrong(sprintf('%.0f megapixels; allowed: up to %.0f.', $width * $height / 1e6, self::MOST_PIXELS / 1e6));
        }
    }

    /** @return array{string, int, int} JPEG, width, height */
    private static function drawn(string $path): array
    {
        // A picture of 50 megapixels takes 200 MB while it is drawn.
        $was = ini_set('memory_limit', '768M');
        $image = @imagecreatefromstring((string) file_get_contents($path));
        if ($image === false) {
            throw self::wrong('The picture is damaged and cannot be read.');
        }
        $turn = match (self::orientation($path)) {
            3 => 180, 6 => 270, 8 => 90, default => 0
        };
        if ($turn !== 0) {
            $turned = imagerotate($image, $turn, 0);
            $image = $turned === false ? $image : $turned;
        }
        $by = min(1.0, self::SIDE / max(imagesx($image), imagesy($image)));
        if ($by < 1.0) {
            $small = imagescale($image, max(1, (int) round(imagesx($image) * $by)), max(1, (int) round(imagesy($image) * $by)));
            $image = $small === false ? $image : $small;
        }
        ob_start();
        imagejpeg($image, null, self::QUALITY);
        $bytes = (string) ob_get_clean();
        $size = [imagesx($image), imagesy($image)];
        unset($image, $small, $turned);
        if ($was !== false) {
            ini_set('memory_limit', $was);
        }

        return [$bytes, ...$size];
    }

    private static function orientation(string $path): int
    {
        return (int) (self::exif($path)['Orientation'] ?? 1);
    }

    private static function time(string $path, int $type): string
    {
        $said = $type === IMAGETYPE_JPEG ? self::exif($path)['DateTimeOriginal'] ?? '' : '';

        return is_string($said) && preg_match('~^\d{4}:\d\d:\d\d \d\d:\d\d:\d\d$~', $said) === 1 ? $said : '';
    }

    /** @return array<string, mixed> */
    private static function exif(string $path): array
    {
        $read = function_exists('exif_read_data') ? @exif_read_data($path) : false;

        return $read === false ? [] : $read;
    }

    private static function wrong(string $message): ValidationException
    {
        return ValidationException::withMessages(['photo' => $message]);
    }
}
