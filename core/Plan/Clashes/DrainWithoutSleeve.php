<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\DrainRun;
use Ondergrond\Plan\Kinds\Sleeve;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Passes;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A drain that leads through beam, stem or footing without a sleeve. */
final class DrainWithoutSleeve implements Clash
{
    /** A sleeve no further from the pipe is its own, m. */
    private const NEAR = 0.15;

    /** Two sizes of pipe, m. */
    private const LARGER = 0.05;

    public static function finds(): string
    {
        return 'A drain that leads through beam, stem or footing without a sleeve.';
    }

    public static function reason(): string
    {
        return 'Concrete settles and shrinks on a pipe that is cast into it, and breaks it.';
    }

    public static function source(): string
    {
        return 'IRC P2603.4, from memory: a sleeve two pipe sizes larger, or a relieving arch';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(DrainRun::class) as $id => $run) {
            foreach ($in->plan->outline->sides() as $wall) {
                $share = Lines::crossing([$run->at->x, $run->at->y], [$run->toX, $run->toY], $wall->start, $wall->end);
                if ($share === null) {
                    continue;
                }
                $level = $run->at->level + $share * ($run->toLevel - $run->at->level);
                [$x, $y] = [$run->at->x + $share * ($run->toX - $run->at->x), $run->at->y + $share * ($run->toY - $run->at->y)];
                if ($level < $in->section->foot - $run->diameter / 2 || $level > $in->section->top) {
                    continue;
                }
                $near = array_filter($in->all(Sleeve::class), static fn (Sleeve $s): bool => $s->passes === Passes::Edge
                    && Lines::distance([$s->at->x, $s->at->y], [$x, $y]) < self::NEAR && $s->diameter > $run->diameter);
                if ($near === []) {
                    $wide = round(ceil(100 * ($run->diameter + self::LARGER)) / 100, 3);
                    yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                        "leads through wall {$wall->from}–{$wall->to} %s below the ground, and no larger sleeve is drawn there", Measure::size(-$level),
                    ), new Mend(Said::of('Draw a sleeve of %s there', Measure::size($wide)), [
                        Mend::NEW.$id => new Sleeve(Sleeve::usual()->put(
                            mb_substr("Sleeve for {$run->at->name}", 0, 60), round($x, 4), round($y, 4), round($level, 4),
                        ), $wide, Passes::Edge),
                    ]));
                }
            }
        }
    }
}
