<?php

declare(strict_types=1);

namespace App\Server;

/**
 * What this machine runs, each told from any other that ever ran under its number: by when it began, and since which start of
 * the machine.
 *
 * @phpstan-type Running array{pid: int, began: string}
 */
final class Processes
{
    /** @return list<Running> those of a group that run */
    public static function ofGroup(int $group): array
    {
        $found = [];
        foreach (scandir('/proc') as $name) {
            $said = ctype_digit($name) ? self::said((int) $name) : null;
            if ($said !== null && $said['group'] === $group) {
                $found[] = ['pid' => (int) $name, 'began' => $said['began']];
            }
        }

        return $found;
    }

    /** @return Running|null */
    private static function known(int $pid): ?array
    {
        $said = self::said($pid);

        return $said === null ? null : ['pid' => $pid, 'began' => $said['began']];
    }

    /**
     * Ends those that are still the same, and waits until they have.
     *
     * @param  list<Running>  $processes
     */
    public static function end(array $processes): void
    {
        for ($until = microtime(true) + 2.0; $processes !== [] && microtime(true) < $until; usleep(10_000)) {
            $processes = array_filter($processes, static fn (array $one): bool => self::known($one['pid']) === $one);
            foreach ($processes as $one) {
                posix_kill($one['pid'], SIGKILL);
            }
        }
    }

    /** @return array{group: int, began: string}|null of one that runs; one that has ended and is not yet fetched does not */
    private static function said(int $pid): ?array
    {
        $line = (string) @file_get_contents("/proc/{$pid}/stat");
        // The name stands in brackets and may hold anything.
        $words = explode(' ', substr($line, (int) strrpos($line, ')') + 2));
        if (count($words) < 20 || in_array($words[0], ['Z', 'X'], true)) {
            return null;
        }

        return ['group' => (int) $words[2], 'began' => $words[19].' '.trim((string) @file_get_contents('/proc/sys/kernel/random/boot_id'))];
    }
}
