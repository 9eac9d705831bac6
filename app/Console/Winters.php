<?php

declare(strict_types=1);

namespace App\Console;

use Ondergrond\Assessor;
use Ondergrond\Design\Design;
use Ondergrond\Frost\FrostProof;
use Ondergrond\Section\Stretch;
use Ondergrond\Site\Site;
use Ondergrond\Site\WinterUse;
use RuntimeException;

/**
 * The winters of a design, each on a processor of its own as far as processors are free and the process may be copied; else one
 * after the other. Says on a terminal what runs.
 */
final class Winters
{
    /**
     * @param  list<WinterUse>  $uses
     * @return list<FrostProof> in the order of uses and sides
     */
    public static function run(Site $site, Design $design, array $uses): array
    {
        if (Assessor::frost($site, $design)->reason !== null) {
            return [];
        }
        $jobs = [];
        foreach ($uses as $use) {
            foreach (Stretch::all($design) as $stretch) {
                $jobs[] = [$stretch, $use];
            }
        }
        $beside = min(count($jobs), self::free());
        self::say(
            sprintf(
                '%d %s to run on the sections, %d at a time; --freezing=none leaves them out',
                count($jobs),
                count($jobs) === 1 ? 'winter' : 'winters',
                $beside,
            ),
        );

        return $beside > 1 ? self::together($site, $jobs, $beside) : array_map(
            static fn (array $job): FrostProof => self::one($site, ...$job),
            $jobs,
        );
    }

    private static function one(Site $site, Stretch $stretch, WinterUse $use): FrostProof
    {
        $proof = Assessor::proof($site, $stretch, $use);
        self::say(sprintf('%s, %s: %.0f s', $stretch->label, $use->label(), $proof->seconds));

        return $proof;
    }

    /**
     * @param  list<array{Stretch, WinterUse}>  $jobs
     * @return list<FrostProof>
     */
    private static function together(Site $site, array $jobs, int $beside): array
    {
        $files = $running = $proofs = [];
        try {
            foreach (array_keys($jobs) as $i) {
                $files[$i] = (string) tempnam(sys_get_temp_dir(), 'winter');
            }
            $waiting = array_keys($jobs);
            while ($waiting !== [] || $running !== []) {
                while ($waiting !== [] && count($running) < $beside) {
                    $i = array_shift($waiting);
                    $child = pcntl_fork();
                    if ($child === 0) {
                        file_put_contents($files[$i], serialize(self::one($site, ...$jobs[$i])));
                        exit(0);
                    }
                    $running[$child] = $i;
                }
                $ended = pcntl_wait($status);
                unset($running[$ended]);
            }
            foreach ($files as $file) {
                $proof = unserialize((string) file_get_contents($file));
                $proofs[] = $proof instanceof FrostProof ? $proof : throw new RuntimeException('A winter broke off.');
            }
        } finally {
            array_map(unlink(...), $files);
        }

        return $proofs;
    }

    /** Processors that nothing keeps busy, at least one. */
    private static function free(): int
    {
        if (! function_exists('pcntl_fork')) {
            return 1;
        }
        $count = max(1, substr_count((string) @file_get_contents('/proc/cpuinfo'), "processor\t:"));
        $load = sys_getloadavg();

        return max(1, $count - (int) floor($load === false ? 0.0 : $load[0] + 0.3));
    }

    private static function say(string $what): void
    {
        if (stream_isatty(STDERR)) {
            fwrite(STDERR, $what."\n");
        }
    }
}
