<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;

/** What is wrong with a problem's winter, and with where it asks for small cells; pointers are those of the section file. */
final class WinterFaults
{
    /** Ten years. */
    public const MOST_DAYS = 3_653;

    public const COLDEST = -90.0;

    public const WARMEST = 90.0;

    private const MOST_LINES = 600;

    /** @return list<Fault> */
    public static function of(Problem $problem): array
    {
        $faults = self::fine($problem->fine);
        $winter = $problem->winter;
        if ($winter === null) {
            return $faults;
        }
        if ($winter->length() === 0) {
            $faults[] = Fault::of('/winter', 'no days', 'one temperature a day, in °C, by boundary name');
        }
        $held = array_map(
            static fn (Boundary $b): string => $b->name,
            array_filter($problem->boundaries, static fn (Boundary $b): bool => $b->temperature !== null),
        );
        foreach ($winter->days as $name => $days) {
            if (! in_array($name, $held, true)) {
                $faults[] = Fault::of(
                    "/winter/{$name}",
                    "“{$name}”",
                    'the name of a boundary with a temperature: '.implode(', ', array_unique($held)),
                );
            }
            if (count($days) !== $winter->length() || count($days) > self::MOST_DAYS) {
                $faults[] = Fault::of(
                    "/winter/{$name}",
                    sprintf('%d days', count($days)),
                    sprintf('as many days for each boundary, at most %d', self::MOST_DAYS),
                );
            }
            foreach ($days as $i => $t) {
                if (! ($t >= self::COLDEST && $t <= self::WARMEST)) {
                    $faults[] = Fault::range("/winter/{$name}/{$i}", $t, self::COLDEST, self::WARMEST, '°C');
                    break;
                }
            }
        }
        if ($winter->start !== null && ! ($winter->start >= self::COLDEST && $winter->start <= self::WARMEST)) {
            $faults[] = Fault::range('/start_c', $winter->start, self::COLDEST, self::WARMEST, '°C');
        }

        return [...$faults, ...self::lines($problem, $winter)];
    }

    /** @return list<Fault> */
    private static function lines(Problem $problem, Winter $winter): array
    {
        $x = array_column(array_merge(...array_map(static fn (Patch $p): array => $p->polygon, $problem->patches)), 0);
        $faults = [];
        foreach ($winter->lines as $name => $at) {
            if ($x === [] || ! ($at >= min($x) && $at <= max($x))) {
                $faults[] = Fault::of("/lines/{$name}", sprintf('x = %.6g m', $at), 'an x within what is painted');
            }
        }

        return $faults;
    }

    /**
     * @param  list<Fine>  $fine
     * @return list<Fault>
     */
    private static function fine(array $fine): array
    {
        $faults = [];
        foreach ($fine as $i => $f) {
            if (! ($f->x1 > $f->x0 && $f->y1 > $f->y0 && is_finite($f->x1 - $f->x0) && is_finite($f->y1 - $f->y0))) {
                $faults[] = Fault::of("/fine/{$i}", 'a rectangle without area', 'x and y each from the lower to the higher');
            } elseif (! ($f->across > 0.0 && $f->up > 0.0)
                || ! (max(($f->x1 - $f->x0) / $f->across, ($f->y1 - $f->y0) / $f->up) <= self::MOST_LINES)) {
                $faults[] = Fault::of(
                    "/fine/{$i}/size",
                    sprintf('cells of %.6g × %.6g m', $f->across, $f->up),
                    sprintf('above 0, at most %d cells each way', self::MOST_LINES),
                );
            }
        }

        return $faults;
    }
}
