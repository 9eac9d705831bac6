<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Items;
use Ondergrond\Plan\Lines;
use Ondergrond\Plan\MeasuredFrom;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Pegs;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\Spot;
use Ondergrond\Plan\WallLine;
use Ondergrond\Section\Layout;
use Ondergrond\Section\Level;
use Ondergrond\Section\Levels;

/** All that is taped and levelled of a plan before anything is built. */
final readonly class SetOut
{
    /**
     * @param  bool  $arePegsSet  false where the base line is a proposal
     * @param  list<Point>  $corners
     * @param  list<Point>  $items
     * @param  list<array{from: string, to: string, m: float}>  $sides  from corner to corner along each wall
     * @param  list<array{from: string, to: string, m: float}>  $diagonals  between corners that no wall joins
     * @param  list<Rectangle>  $rectangles  whose two diagonals are taped
     * @param  list<SetBack>  $setBacks  pegs beyond the dig's top edge
     * @param  list<Running>  $running  along each form from its first corner
     * @param  list<Level>  $levels  of the section, over the ground at the common edge
     * @param  list<string>  $inDig  pegs of the base line that the dig would swallow
     */
    private function __construct(
        public BaseLine $line,
        public bool $arePegsSet,
        public array $corners,
        public array $items,
        public array $sides,
        public array $diagonals,
        public array $rectangles,
        public array $setBacks,
        public array $running,
        public array $levels,
        public Dig $dig,
        public array $inDig,
    ) {}

    /** Without what nobody sets: lines and areas that say where something is. */
    public static function of(Plan $plan, Design $design, Items $layout): self
    {
        $plan = $plan->atConcrete($design);
        $line = BaseLine::of($plan, $design);
        $dig = Dig::of($design);
        $faces = self::measured($plan, $design);
        $corners = $items = [];
        foreach ($plan->outline->points as $id => [$x, $y]) {
            $corners[] = self::point($line, $id, "Corner {$id}", $x, $y);
        }
        foreach ($plan->items->and($layout)->all as $id => $item) {
            foreach ($item::isSet() ? $item->spots() : [] as $spot) {
                $items[] = self::item($line, $plan, $faces[$item->at()->from->value], $id, $item, $spot);
            }
        }
        $sides = array_map(
            static fn (WallLine $s): array => ['from' => $s->from, 'to' => $s->to, 'm' => $s->length()],
            array_values($plan->outline->sides()),
        );

        return new self(
            $line, $plan->pegs !== null, $corners, $items, $sides, Diagonals::of($plan->outline), Rectangle::of($plan->outline),
            SetBack::of($plan, $dig, $line), Running::of($plan, $plan->items->and($layout)), Levels::of($design), $dig,
            self::inDig($plan, $dig, $line->pegs),
        );
    }

    /** @return list<string> */
    private static function inDig(Plan $plan, Dig $dig, Pegs $pegs): array
    {
        $in = [];
        foreach (['P' => [$pegs->px, $pegs->py], 'Q' => [$pegs->qx, $pegs->qy]] as $name => $peg) {
            foreach ($plan->outline->sides() as $id => $side) {
                $out = Lines::away($peg, $side->start, $side->end);
                if ($out < $dig->topAt($plan->corners[$id]->wall) - 1e-6 || $plan->outline->holds(...$peg)) {
                    $in[] = $name;
                    break;
                }
            }
        }

        return $in;
    }

    /** @return array<string, Outline> the line of each face that distances are taken from */
    private static function measured(Plan $plan, Design $design): array
    {
        $at = Layout::of($design);
        $lines = [];
        foreach (MeasuredFrom::cases() as $face) {
            $in = $face->inset($at, $design->wall->insideThickness() + ($at->lining ? $design->lining->thickness() : 0.0));
            $lines[$face->value] = abs($in) < 1e-12 ? $plan->outline : $plan->outline->inset($in);
        }

        return $lines;
    }

    private static function item(BaseLine $line, Plan $plan, Outline $outline, string $id, Item $item, Spot $spot): Point
    {
        $at = $item->at();

        return self::point(
            $line, $id, $at->name.($spot->end === '' ? '' : ', '.$spot->end), $spot->x, $spot->y,
            self::faces($outline, $spot), $at->from->label(), $plan->level($spot->level), $item->tolerance(),
            $at->trade->label(),
        );
    }

    /**
     * Square off the nearest wall, and off the nearest of those that stand more across it than along.
     *
     * @return list<array{wall: string, m: float}>
     */
    private static function faces(Outline $outline, Spot $spot): array
    {
        $sides = array_values($outline->sides());
        $reach = static fn (WallLine $s): float => abs($s->depthOf($spot->x, $spot->y))
            // A wall whose end has been passed is no help.
            + max(0.0, -$s->alongOf($spot->x, $spot->y), $s->alongOf($spot->x, $spot->y) - $s->length());
        usort($sides, static fn (WallLine $a, WallLine $b): int => $reach($a) <=> $reach($b));
        $first = $sides[0];
        $faces = [];
        foreach ($sides as $side) {
            if ($side === $first || abs($side->along($first)) < M_SQRT1_2) {
                $faces[] = ['wall' => "{$side->from}–{$side->to}", 'm' => $side->depthOf($spot->x, $spot->y)];
            }
            if (count($faces) === 2) {
                break;
            }
        }

        return $faces;
    }

    /** @param  list<array{wall: string, m: float}>  $faces */
    private static function point(
        BaseLine $line,
        string $id,
        string $name,
        float $x,
        float $y,
        array $faces = [],
        string $face = '',
        ?float $level = null,
        float $tolerance = 0.0,
        string $trade = '',
    ): Point {
        return new Point(
            $id, $name, $x, $y, $line->along($x, $y), $line->across($x, $y), $line->fromP($x, $y), $line->fromQ($x, $y),
            $line->cut($x, $y), $line->fixes($x, $y), $faces, $face, $level, $tolerance, $trade,
        );
    }
}
