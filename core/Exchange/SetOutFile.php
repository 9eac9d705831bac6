<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Elevation;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Passage;
use Ondergrond\Plan\Plan;
use Ondergrond\Section\Level;
use Ondergrond\SetOut\PegCheck;
use Ondergrond\SetOut\Point;
use Ondergrond\SetOut\Rectangle;
use Ondergrond\SetOut\Rods;
use Ondergrond\SetOut\Running;
use Ondergrond\SetOut\SetBack;
use Ondergrond\SetOut\SetOut;
use Ondergrond\SetOut\SquareUp;
use Ondergrond\SetOut\Target;

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
            'rectangles' => array_map(
                static fn (Rectangle $r): array => [
                    'corners' => $r->names, 'sides_m' => [$r->long, $r->short], 'diagonal_m' => $r->diagonal(),
                ],
                $out->rectangles,
            ),
            'set_backs' => array_map(static fn (SetBack $b): array => [
                'id' => $b->id(), 'wall' => $b->wall, 'corner' => $b->corner, 'to_corner_m' => $b->toCorner, 'far' => $b->far,
                'to_far_m' => $b->toFar, 'from_p_m' => $b->fromP, 'from_q_m' => $b->fromQ,
            ], $out->setBacks),
            'running' => array_map(static fn (Running $r): array => [
                'from' => $r->from, 'to' => $r->to, 'length_m' => $r->length,
                'marks' => array_map(
                    static fn (array $m): array => ['name' => $m['name'], 'along_m' => $m['along'], 'in_m' => $m['in']], $r->marks,
                ),
            ], $out->running),
            'walls' => array_values(array_map(static fn (Elevation $e): array => [
                'wall' => $e->wall, 'left' => $e->left, 'length_m' => $e->length, 'ground_m' => [
                    $e->grade, $e->gradeTo,
                ], 'foot_m' => $e->foot,
                'footing_top_m' => $e->footing, 'top_m' => $e->top, 'floor_m' => $e->floor, 'membrane_top_m' => $e->membrane,
                'courses_m' => $e->courses, 'openings' => $e->openings,
                'sleeves' => array_map(static fn (Passage $p): array => [
                    'id' => $p->id, 'name' => $p->name, 'along_m' => $p->along, 'level_m' => $p->level, 'diameter_m' => $p->diameter,
                    'drop_m' => $p->drop, 'sealed_outside' => $p->outside, 'sealed_inside' => $p->inside, 'now_h' => $p->now,
                    'later_h' => $p->later,
                ], $e->passages),
            ], Elevation::all($plan, $design, $layout))),
            'dig' => [
                'depth_m' => $out->dig->depth(), 'foot_m' => $out->dig->reach, 'top_m' => $out->dig->top(), 'slope' => Dig::SLOPE,
                'protection' => $out->dig->protection(),
                ...array_combine(['upright_m3', 'sloped_m3'], $out->dig->volume($plan->atConcrete($design)->outline)),
            ],
            'levels' => array_map(
                static fn (Level $l): array => ['id' => $l->slug, 'name' => $l->name, 'level_m' => $plan->level($l->height)],
                $out->levels,
            ),
        ];
    }

    /**
     * One line for each corner, item and peg beyond the dig: lengths in m, the second end of a run with `:2`.
     *
     * @param  Rods|null  $rods  null: no instrument is set up, and the last column stays empty
     */
    public static function csv(Plan $plan, Design $design, Items $layout, ?Rods $rods = null): string
    {
        $out = SetOut::of($plan, $design, $layout);
        $m = static fn (float $value): string => sprintf('%.4f', $value);
        $lines = [['id', 'along', 'across', 'peg_a', 'peg_b', 'rod']];
        $seen = [];
        foreach ([...$out->corners, ...$out->items] as $p) {
            $seen[$p->id] = ($seen[$p->id] ?? 0) + 1;
            $lines[] = [
                $seen[$p->id] === 1 ? $p->id : "{$p->id}:{$seen[$p->id]}", $m($p->along), $m($p->across), $m($p->fromP), $m($p->fromQ),
                $p->level === null || $rods === null ? '' : $m($rods->rod($p->level)),
            ];
        }
        foreach ($out->setBacks as $b) {
            $lines[] = [
                $b->id(), $m($out->line->along($b->x, $b->y)), $m($out->line->across($b->x, $b->y)), $m($b->fromP), $m($b->fromQ), '',
            ];
        }

        return CsvWriter::write($lines);
    }

    /**
     * @param  array<string, Target>  $targets
     * @param  array<string, float>  $read  rods by the id of what they were held on, m
     * @return array<string, mixed>
     */
    public static function levels(float $benchmark, Rods $rods, array $targets, array $read, ?PegCheck $check = null): array
    {
        return [
            'benchmark_m' => $benchmark,
            'instruments_m' => $rods->instruments,
            'turnings_m' => $rods->turnings,
            'misclosure_mm' => $rods->misclosure === null ? null : 1000 * $rods->misclosure,
            'limit_mm' => 1000 * $rods->limit(),
            'closes' => $rods->isWithin(),
            'check' => $check === null ? null : [
                'difference_m' => $check->true, 'found_m' => $check->found, 'error_mm' => 1000 * $check->error,
                'within' => $check->isWithin(),
            ],
            'targets' => array_values(array_map(static function (Target $t) use ($rods, $read): array {
                $off = isset($read[$t->id]) ? $rods->deviation($t->level, $read[$t->id]) : null;

                return [
                    'id' => $t->id, 'name' => $t->name, 'level_m' => $t->level, 'low_mm' => 1000 * $t->low, 'high_mm' => 1000 * $t->high,
                    'rod_m' => $rods->rod($t->level), 'read_m' => $read[$t->id] ?? null,
                    'deviation_mm' => $off === null ? null : 1000 * $off, 'within' => $off === null ? null : $t->allows($off),
                ];
            }, $targets)),
        ];
    }

    /** @param  array<string, mixed>  $result  of `levels` */
    public static function levelsCsv(array $result): string
    {
        $m = static fn (?float $value, int $digits): string => $value === null ? '' : sprintf("%.{$digits}f", $value);

        $lines = [['id', 'name', 'level', 'rod', 'low_mm', 'high_mm', 'read', 'deviation_mm', 'within']];
        foreach ($result['targets'] as $t) {
            $lines[] = [
                (string) $t['id'], (string) $t['name'], $m($t['level_m'], 4), $m($t['rod_m'], 4), $m($t['low_mm'], 1), $m($t['high_mm'], 1),
                $m($t['read_m'], 4), $m($t['deviation_mm'], 1), match ($t['within']) {
                    null => '', true => 'yes', default => 'no',
                },
            ];
        }

        return CsvWriter::write($lines);
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
                    'next' => $square->isWithin($id) ? [] : $square->nextReadings($id),
                ],
                array_keys($best->moves),
                array_values($best->moves),
            ),
            'tolerance_mm' => 1000 * $square->tolerance,
            'suspect' => $square->suspect,
            'wanted' => array_map(static fn (array $t): string => "{$t[0]}–{$t[1]}", $square->wanted),
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
