<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Plan;
use Ondergrond\Section\Level;
use Ondergrond\SetOut\Point;
use Ondergrond\SetOut\SetOut;
use Ondergrond\SetOut\SquareUp;

/** What is taped and levelled of a plan, and an outline as it was squared up, in the shape of result files. */
final class SetOutFile
{
    /** @return array<string, mixed> */
    public static function plan(Plan $plan, Design $design, Items $layout): array
    {
        $out = SetOut::of($plan, $design, $layout);

        return [
            'pegs' => [
                'set' => $out->arePegsSet, 'p' => [$out->line->pegs->px, $out->line->pegs->py],
                'q' => [$out->line->pegs->qx, $out->line->pegs->qy],
            ],
            'corners' => array_map(self::point(...), $out->corners),
            'items' => array_map(self::point(...), $out->items),
            'diagonals' => $out->diagonals,
            'levels' => array_map(
                static fn (Level $l): array => ['id' => $l->slug, 'name' => $l->name, 'level_m' => $plan->level($l->height)],
                $out->levels,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function square(SquareUp $square): array
    {
        $best = $square->best();

        return [
            'held' => $square->held->words(),
            'redundancy' => $square->adjustment->redundancy,
            's0' => $square->adjustment->deviation,
            'residuals_mm' => self::byTape($square, array_map(static fn (float $m): float => 1000 * $m, $square->adjustment->residuals)),
            'normalised' => self::byTape($square, $square->adjustment->normalised),
            'corners' => array_map(
                static fn (string $id, array $move): array => [
                    'id' => $id, 'dx_mm' => 1000 * $move[0], 'dy_mm' => 1000 * $move[1], 'within' => $square->isWithin($id),
                ],
                array_keys($best->moves),
                array_values($best->moves),
            ),
            'tolerance_mm' => 1000 * $square->tolerance,
            'suspect' => $square->suspect,
            'placed' => $square->isPlaced(),
            'words' => $square->words(),
        ];
    }

    /**
     * @param  list<float|null>  $values
     * @return array<string, float|null>
     */
    private static function byTape(SquareUp $square, array $values): array
    {
        $by = [];
        foreach ($square->tapes as $i => $tape) {
            $by[$tape->name()] = $values[$i];
        }

        return $by;
    }

    /** @return array<string, mixed> */
    private static function point(Point $p): array
    {
        return [
            'id' => $p->id, 'name' => $p->name, 'along_m' => $p->along, 'across_m' => $p->across, 'from_p_m' => $p->fromP,
            'from_q_m' => $p->fromQ, 'cut_deg' => $p->cut, 'fixed' => $p->fixed, 'faces' => $p->faces, 'level_m' => $p->level,
            'tolerance_m' => $p->tolerance,
        ];
    }
}
