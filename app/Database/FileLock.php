<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;

/** Something that one process at a time may do: held as long as this object lives, and given up by however sudden an end. */
final class FileLock
{
    /** @param  resource  $handle */
    private function __construct(private $handle) {}

    /** @return self|null where somebody else holds it longer than the patience lasts, s */
    public static function hold(string $file, float $patience = 0.0): ?self
    {
        // Closed in whatever program is started meanwhile, or that would hold it on.
        $handle = @fopen($file, 'ce');
        if ($handle === false) {
            throw new RuntimeException("“{$file}” can't be written. Allowed: a folder that may be written to, on a disk with room.");
        }
        for ($until = microtime(true) + $patience; ! flock($handle, LOCK_EX | LOCK_NB); usleep(20_000)) {
            if (microtime(true) >= $until) {
                fclose($handle);

                return null;
            }
        }

        return new self($handle);
    }

    public function release(): void
    {
        if (is_resource($this->handle)) {
            fclose($this->handle);
        }
    }
}
