<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\Bolts;
use Ondergrond\Plan\Mend;
use Ondergrond\Plan\Opening;
use Ondergrond\Plan\WallLine;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** An anchor bolt where a door stands. */
final class BoltInDoorway implements Clash
{
    public static function finds(): string
    {
        return 'An anchor bolt where a door stands.';
    }

    public static function reason(): string
    {
        return 'A bolt in a doorway is cut off again, and the plate beside the door has none at its end.';
    }

    public static function source(): string
    {
        return 'IRC R403.1.6, from memory: each plate has bolts of its own at its ends';
    }

    public static function in(Around $in): iterable
    {
        foreach ($in->all(Bolts::class) as $id => $bolts) {
            $wall = $in->wallAt(($bolts->at->x + $bolts->toX) / 2, ($bolts->at->y + $bolts->toY) / 2);
            $caught = [];
            foreach ($bolts->places() as [$x, $y]) {
                $opening = $in->openingAt($wall, $wall->alongOf($x, $y));
                if ($opening !== null && $opening->kind->isDoor()) {
                    $caught[] = $opening;
                }
            }
            if ($caught !== []) {
                yield "item:{$id}" => new Found(Severity::Fix, Said::of(
                    count($caught) === 1 ? 'one of them stands in a doorway' : count($caught).' of them stand in doorways',
                ), self::parted($id, $bolts, $wall, $caught[0]));
            }
        }
    }

    /** Two plates, one on each side of the door. */
    private static function parted(string $id, Bolts $bolts, WallLine $wall, Opening $door): ?Mend
    {
        [$from, $to] = [$wall->alongOf($bolts->at->x, $bolts->at->y), $wall->alongOf($bolts->toX, $bolts->toY)];
        $in = $wall->depthOf($bolts->at->x, $bolts->at->y);
        $items = [];
        foreach ([[min($from, $to), $door->from], [$door->from + $door->width, max($from, $to)]] as [$start, $end]) {
            // A plate has two bolts, each so far from its end.
            if ($end - $start >= 2 * $bolts->fromEnd - 1e-9) {
                [[$x, $y], [$u, $v]] = [$wall->at($start, $in), $wall->at($end, $in)];
                $items[$items === [] ? $id : Mend::NEW.$id] = $bolts->but(
                    at: $bolts->at->but(x: round($x, 4), y: round($y, 4), name: $items === [] ? $bolts->at->name : mb_substr(
                        "{$bolts->at->name}, 2", 0, 60,
                    )),
                    toX: round($u, 4), toY: round($v, 4),
                );
            }
        }

        return $items === [] ? null : new Mend(
            Said::of(count($items) === 2 ? 'Part the plate at the door' : 'End the plate at the door'), $items,
        );
    }
}
