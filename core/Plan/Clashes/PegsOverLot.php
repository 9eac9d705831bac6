<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Clashes;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Clash;
use Ondergrond\Plan\Found;
use Ondergrond\Plan\Kinds\LotLine;
use Ondergrond\Plan\Lines;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A base line whose pegs stand beyond a lot line. */
final class PegsOverLot implements Clash
{
    public static function finds(): string
    {
        return 'A base line whose pegs stand beyond a lot line.';
    }

    public static function reason(): string
    {
        return 'A peg on another’s ground is pulled out, and the base line with it.';
    }

    public static function source(): string
    {
        return 'whose ground it is: ask first';
    }

    public static function in(Around $in): iterable
    {
        $pegs = $in->plan->pegs;
        if ($pegs === null) {
            return;
        }
        [$x0, $y0, $x1, $y1] = $in->plan->outline->box();
        $middle = [($x0 + $x1) / 2, ($y0 + $y1) / 2];
        foreach ($in->all(LotLine::class) as $id => $lot) {
            $over = array_filter(
                ['P' => [$pegs->px, $pegs->py], 'Q' => [$pegs->qx, $pegs->qy]],
                static fn (array $peg): bool => Lines::gap($middle, $peg, [$lot->at->x, $lot->at->y], [$lot->toX, $lot->toY]) < 1e-9,
            );
            if ($over !== []) {
                yield "item:{$id}" => new Found(Severity::Note, Said::of(
                    implode(' and ', array_keys($over)).(count($over) === 1 ? ' stands' : ' stand').' beyond it',
                ));
            }
        }
    }
}
