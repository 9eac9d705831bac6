<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

use Ondergrond\Plan\Item as PlanItem;
use Ondergrond\Plan\Items;

/** The number and name of each item of a plan beside it, where nothing else is written and no other item stands. */
final class PlanNames
{
    /** Width of a letter, mm of paper. */
    private const LETTER = 1.6;

    /** Height of a line, mm of paper. */
    private const HIGH = 3.2;

    /** Between a place and what is written beside it, mm of paper. */
    private const REACH = 2.4;

    /** Where more is set, numbers stand for names; the list says which is which. */
    private const NAMED = 24;

    /** What is taken is found by squares of so much paper, mm. */
    private const SQUARE = 12.0;

    /** @var list<array{float, float, float, float}> what is taken: left, low, right, high, m */
    private array $taken = [];

    /** @var array<int, array<int, list<int>>> what of it touches each square, by column and row */
    private array $squares = [];

    /** @param  array{float, float, float, float}  $sheet  m */
    private function __construct(private readonly array $sheet, private readonly float $mm) {}

    /**
     * @param  list<Item>  $drawn  what is there already, with the grips that stand at corners and items
     * @param  array{float, float, float, float}  $sheet  left, low, right, high, m
     * @param  float  $mm  m for one of paper
     * @return list<Text>
     */
    public static function of(Items $items, array $drawn, array $sheet, float $mm): array
    {
        $names = new self($sheet, $mm);
        foreach ($names->written($drawn) as $box) {
            $names->take($box);
        }
        $texts = [];
        $number = 0;
        foreach ($items->all as $id => $item) {
            $number++;
            $texts[] = $names->name(
                $id, $item, count($items->all) > self::NAMED ? (string) $number : "{$number} {$item->at()->name}",
            );
        }

        return $texts;
    }

    private function name(string $id, PlanItem $item, string $name): Text
    {
        $spots = $item->spots();
        $last = $spots[count($spots) - 1];
        [$wide, $reach] = [self::LETTER * mb_strlen($name) * $this->mm, self::REACH * $this->mm];
        [$best, $least] = [null, INF];
        // Beside a place; along a run from its middle towards its end. Where nowhere is free, where least is covered.
        foreach (count($spots) === 1 ? [0.0] : [0.5, 0.3, 0.7, 0.15, 0.85] as $share) {
            [$x, $y] = [$spots[0]->x + $share * ($last->x - $spots[0]->x), $spots[0]->y + $share * ($last->y - $spots[0]->y)];
            foreach ([1.0, -3.6, 4.6, -7.2, 8.2, -10.8] as $up) {
                foreach ([$reach, -$reach - $wide] as $aside) {
                    $box = $this->inside([
                        $x + $aside, $y + $up * $this->mm, $x + $aside + $wide, $y + ($up + self::HIGH) * $this->mm,
                    ]);
                    $covered = $this->covered($box);
                    if ($covered < $least) {
                        [$best, $least] = [$box, $covered];
                    }
                    if ($covered <= 0.0) {
                        break 3;
                    }
                }
            }
        }
        $best ??= [$spots[0]->x, $spots[0]->y, $spots[0]->x, $spots[0]->y];
        $this->take($best);

        return new Text(Role::Note, "item:{$id}", [$best[0], $best[1]], $name, 'start');
    }

    /**
     * @param  list<Item>  $drawn
     * @return list<array{float, float, float, float}>
     */
    private function written(array $drawn): array
    {
        $taken = [];
        foreach ($drawn as $text) {
            if ($text instanceof Grip) {
                $r = self::REACH * $this->mm / 2;
                $taken[] = [$text->at[0] - $r, $text->at[1] - $r, $text->at[0] + $r, $text->at[1] + $r];
            }
            if ($text instanceof Text) {
                $wide = self::LETTER * mb_strlen($text->text) * $this->mm;
                $left = $text->at[0] - match ($text->anchor) {
                    'start' => 0.0, 'middle' => $wide / 2, 'end' => $wide,
                };
                $taken[] = [$left, $text->at[1] - 0.5 * $this->mm, $left + $wide, $text->at[1] + self::HIGH * $this->mm];
            }
        }

        return $taken;
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @return array{float, float, float, float} the same, moved onto the sheet
     */
    private function inside(array $box): array
    {
        $right = max(0.0, $box[2] - $this->sheet[2]);
        $left = max(0.0, $this->sheet[0] - $box[0]);

        return [$box[0] - $right + $left, $box[1], $box[2] - $right + $left, $box[3]];
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @return float what of it is taken, m²
     */
    private function covered(array $box): float
    {
        [$covered, $near] = [0.0, []];
        foreach ($this->squares($box) as [$column, $row]) {
            foreach ($this->squares[$column][$row] ?? [] as $i) {
                $near[$i] = true;
            }
        }
        foreach ($near as $i => $_) {
            [$x0, $y0, $x1, $y1] = $this->taken[$i];
            $covered += max(0.0, min($box[2], $x1) - max($box[0], $x0)) * max(0.0, min($box[3], $y1) - max($box[1], $y0));
        }

        return $covered;
    }

    /** @param  array{float, float, float, float}  $box */
    private function take(array $box): void
    {
        $this->taken[] = $box;
        foreach ($this->squares($box) as [$column, $row]) {
            $this->squares[$column][$row][] = count($this->taken) - 1;
        }
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @return iterable<array{int, int}> column and row of each square that it touches
     */
    private function squares(array $box): iterable
    {
        $side = self::SQUARE * $this->mm;
        for ($column = (int) floor($box[0] / $side); $column <= (int) floor($box[2] / $side); $column++) {
            for ($row = (int) floor($box[1] / $side); $row <= (int) floor($box[3] / $side); $row++) {
                yield [$column, $row];
            }
        }
    }
}
