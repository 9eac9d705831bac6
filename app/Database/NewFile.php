<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use RuntimeException;
use Throwable;

/** A file that is there whole or not at all: written beside, then given its name. */
final class NewFile
{
    /**
     * In the place of what is there.
     *
     * @throws UnusableFile
     */
    public static function put(string $path, string $bytes): void
    {
        self::make($path, static function (string $beside) use ($bytes): void {
            if (@file_put_contents($beside, $bytes) !== strlen($bytes)) {
                throw new RuntimeException('the disk has no room for it');
            }
        }, true);
    }

    /**
     * @param  Closure(string): void  $write  to the path that it is given
     * @param  bool  $over  whether it may take the place of a file that is there
     *
     * @throws UnusableFile
     */
    public static function make(string $path, Closure $write, bool $over): void
    {
        if (! $over && file_exists($path)) {
            throw UnusableFile::exists($path);
        }
        if (file_exists($path) && ! is_file($path) && ! is_dir($path)) {
            // A terminal, a pipe: nothing to put in its place.
            $write($path);

            return;
        }
        $folder = dirname($path);
        if (! is_dir($folder) || ! is_writable($folder) || is_dir($path)) {
            throw UnusableFile::noPlace($path);
        }
        $beside = $path.'.'.bin2hex(random_bytes(4)).'.part';
        try {
            $write($beside);
            self::flush($beside);
            // A link is refused where a file of that name has come meanwhile; some disks know none.
            $done = $over || ! @link($beside, $path) ? self::rename($beside, $path, $over) : true;
            if (! $done) {
                throw file_exists($path) && ! $over ? UnusableFile::exists($path) : UnusableFile::noPlace($path);
            }
        } catch (UnusableFile $e) {
            throw $e;
        } catch (Throwable $e) {
            throw UnusableFile::unwritten($path, $e);
        } finally {
            if (is_file($beside)) {
                unlink($beside);
            }
        }
    }

    /** Onto the disk, so that a sudden end of the machine does not leave the name without what it names. */
    private static function flush(string $path): void
    {
        $handle = @fopen($path, 'r+');
        if ($handle === false || ! @fsync($handle)) {
            throw new RuntimeException('it did not reach the disk');
        }
        fclose($handle);
    }

    private static function rename(string $from, string $to, bool $over): bool
    {
        return ($over || ! file_exists($to)) && @rename($from, $to);
    }
}
