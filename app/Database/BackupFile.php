<?php

declare(strict_types=1);

namespace App\Database;

use JsonException;
use Ondergrond\Version;
use RuntimeException;
use ZipArchive;

/**
 * Everything in one file: a ZIP with a manifest that says what lies beside it, and the sum of each. Format 1 holds the database;
 * a later one may hold more, and is refused here by its number.
 */
final readonly class BackupFile
{
    private const FORMAT = 'ondergrond-backup';

    private const VERSION = 1;

    private const MANIFEST = 'manifest.json';

    private const DATABASE = 'database.sqlite';

    /** Of a manifest, bytes. */
    private const LARGEST = 1_000_000;

    /** At a time, bytes. */
    private const CHUNK = 1 << 20;

    public function __construct(public string $path) {}

    public static function isOne(string $path): bool
    {
        return @file_get_contents($path, length: 4) === "PK\x03\x04";
    }

    /** Writes a snapshot of the database with its manifest, and reads it back. */
    public function write(SqliteFile $database): void
    {
        $manifest = [
            'format' => self::FORMAT, 'version' => self::VERSION, 'program' => Version::PROGRAM, 'made_at' => gmdate('Y-m-d\TH:i:s\Z'),
            'files' => [
                self::DATABASE => ['bytes' => (int) filesize($database->path), 'sha256' => hash_file('sha256', $database->path)],
            ],
            'migrations' => $database->applied(),
            'tables' => $database->rows(),
        ];
        $zip = new ZipArchive;
        $whole = $zip->open($this->path, ZipArchive::CREATE | ZipArchive::EXCL) === true
            && $zip->addFromString(self::MANIFEST,
                json_encode($manifest, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n")
            && $zip->addFile($database->path, self::DATABASE)
            && @$zip->close();
        if (! $whole) {
            throw new RuntimeException('the disk has no room for it, or may not be written to');
        }
        foreach ($this->reading() as $_) {
            // Said to be there only when it has come back as it was.
        }
    }

    /**
     * Takes the database out, and holds all against the manifest.
     *
     * @throws UnusableFile
     */
    public function takeOut(SqliteFile $to): void
    {
        $handle = @fopen($to->path, 'w');
        if ($handle === false) {
            throw UnusableFile::noPlace($to->path);
        }
        foreach ($this->reading() as $chunk) {
            if (@fwrite($handle, $chunk) !== strlen($chunk)) {
                throw UnusableFile::unwritten($to->path, new RuntimeException('the disk has no room for it'));
            }
        }
        fclose($handle);
        if ($to->rows() !== $this->manifest()['tables']) {
            throw UnusableFile::damaged($this->path, 'its tables are not those of its list');
        }
    }

    /**
     * What lies in it beside the manifest, held against the manifest.
     *
     * @return iterable<string> the database's bytes
     *
     * @throws UnusableFile
     */
    private function reading(): iterable
    {
        $zip = $this->opened();
        $said = $this->manifest()['files'][self::DATABASE];
        $stream = $zip->getStream(self::DATABASE);
        if ($zip->numFiles !== 2 || $stream === false) {
            throw UnusableFile::damaged($this->path, 'what lies in it is not what its list says');
        }
        [$sum, $bytes] = [hash_init('sha256'), 0];
        while (! feof($stream)) {
            $chunk = @fread($stream, self::CHUNK);
            $bytes += strlen((string) $chunk);
            // No more than was said, whatever it unpacks to.
            if ($chunk === false || $bytes > $said['bytes']) {
                throw UnusableFile::damaged($this->path, 'the database in it can\'t be read');
            }
            hash_update($sum, $chunk);
            yield $chunk;
        }
        if ($bytes !== $said['bytes'] || hash_final($sum) !== $said['sha256']) {
            throw UnusableFile::damaged($this->path, 'the database in it is not as it was when the backup was made');
        }
    }

    /**
     * @return array{files: array{'database.sqlite': array{bytes: int, sha256: string}}, migrations: list<string>, tables: array<string, int>}
     *
     * @throws UnusableFile
     */
    private function manifest(): array
    {
        $zip = $this->opened();
        $size = $zip->statName(self::MANIFEST)['size'] ?? 0;
        $text = $size > 0 && $size <= self::LARGEST ? @$zip->getFromName(self::MANIFEST) : false;
        try {
            $said = json_decode((string) $text, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw UnusableFile::damaged($this->path, 'its list can\'t be read');
        }
        if (! is_array($said) || ($said['format'] ?? null) !== self::FORMAT) {
            throw UnusableFile::foreign($this->path);
        }
        if (! is_int($said['version'] ?? null) || $said['version'] > self::VERSION) {
            throw UnusableFile::newer($this->path);
        }
        $database = $said['files'][self::DATABASE] ?? null;
        if (! is_int($database['bytes'] ?? null) || ! is_string($database['sha256'] ?? null) || ! is_array($said['tables'] ?? null)) {
            throw UnusableFile::damaged($this->path, 'its list is not whole');
        }

        /** @var array{files: array{'database.sqlite': array{bytes: int, sha256: string}}, migrations: list<string>, tables: array<string, int>} */
        return $said;
    }

    /** @throws UnusableFile */
    private function opened(): ZipArchive
    {
        $zip = new ZipArchive;
        if (@$zip->open($this->path, ZipArchive::RDONLY) !== true) {
            throw UnusableFile::damaged($this->path);
        }
        if ($zip->locateName(self::MANIFEST) === false) {
            throw UnusableFile::foreign($this->path);
        }

        return $zip;
    }
}
