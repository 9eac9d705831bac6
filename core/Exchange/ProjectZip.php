<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use ZipArchive;

/** A project file with its photographs: `project.json` and `photos/<SHA-256>.jpg`. */
final class ProjectZip
{
    /** Bytes of one photograph. */
    public const LARGEST_PHOTO = 30_000_000;

    private const MOST = 5000;

    /** Of all that is unpacked, bytes. */
    private const WHOLE = 2_000_000_000;

    public static function isOne(string $bytes): bool
    {
        return str_starts_with($bytes, "PK\x03\x04");
    }

    /** @param  iterable<string, string>  $photos  the bytes of JPEGs by SHA-256 */
    public static function write(string $file, string $json, iterable $photos): void
    {
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $zip->addFromString('project.json', $json);
        foreach ($photos as $hash => $bytes) {
            $zip->addFromString("photos/{$hash}.jpg", $bytes);
            // They are packed already.
            $zip->setCompressionName("photos/{$hash}.jpg", ZipArchive::CM_STORE);
        }
        $zip->close();
    }

    /**
     * @return array{json: string, photos: array<string, string>} photographs by SHA-256
     *
     * @throws FaultyInput where it is no such archive, or a picture is not what its name says
     */
    public static function read(string $file): array
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::RDONLY) !== true) {
            throw FaultyInput::one(Fault::of('', 'an archive that cannot be opened', 'a ZIP with project.json in it'));
        }
        $json = null;
        $photos = [];
        $whole = 0;
        $count = $zip->numFiles;
        if ($count > self::MOST) {
            throw FaultyInput::one(Fault::of('', "{$count} files", 'at most '.self::MOST));
        }
        for ($i = 0; $i < $count; $i++) {
            $stat = $zip->statIndex($i);
            $name = $stat['name'] ?? '';
            $size = $stat['size'] ?? 0;
            $whole += $size;
            if ($whole > self::WHOLE || $size > max(ProjectFile::LARGEST, self::LARGEST_PHOTO)) {
                throw FaultyInput::one(Fault::of("/{$name}", sprintf('%.0f MB', $size / 1e6), 'a smaller file'));
            }
            if ($name === 'project.json') {
                $json = (string) $zip->getFromIndex($i);
            } elseif (preg_match('~^photos/([0-9a-f]{64})\.jpg$~', $name, $m) === 1) {
                $bytes = (string) $zip->getFromIndex($i);
                if (hash('sha256', $bytes) !== $m[1]) {
                    throw FaultyInput::one(Fault::of("/{$name}", 'another picture than its name says', 'the picture as it was exported'));
                }
                $photos[$m[1]] = $bytes;
            }
        }
        $zip->close();

        return $json === null
            ? throw FaultyInput::one(Fault::of('/project.json', 'nothing', 'a project file in the archive'))
            : ['json' => $json, 'photos' => $photos];
    }
}
