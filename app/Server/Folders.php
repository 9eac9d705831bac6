<?php

declare(strict_types=1);

namespace App\Server;

use RuntimeException;

/** The places that the application writes to. */
final class Folders
{
    /** @throws RuntimeException with one sentence about the first that may not be written to */
    public static function check(string $database): void
    {
        $folders = [
            dirname($database), storage_path('framework/cache/data'), storage_path('framework/views'), storage_path('logs'),
        ];
        foreach ($folders as $folder) {
            $probe = "{$folder}/.write-probe-".getmypid();
            if (! is_dir($folder) || @file_put_contents($probe, 'room') !== 4) {
                @unlink($probe);
                throw new RuntimeException("Nothing can be saved in “{$folder}”: it must be a folder that may be written to, on a disk with room.");
            }
            unlink($probe);
        }
        if (is_file($database) && ! is_writable($database)) {
            throw new RuntimeException("Nothing can be saved in “{$database}”: the file may not be written to.");
        }
    }
}
