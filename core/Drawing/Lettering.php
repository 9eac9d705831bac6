<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/**
 * The room that writing takes on a drawing, and moves pieces of it apart that would lie on each other or run out of the
 * frame. Widths are reckoned from the pages' condensed face, wide rather than narrow.
 */
final class Lettering
{
    /** Height of the letters with what keeps them clear, and of what lies below their line, mm of paper. */
    private const HIGH = 3.5;

    private const BELOW = 0.7;

    /** Width of a letter, of one that is wide, of a digit, and of what is narrow, mm of paper: as measured in a browser, or wider. */
    private const LETTER = 1.9;

    private const WIDE = 2.5;

    private const DIGIT = 1.7;

    private const NARROW = 0.95;

    /** Where a piece may go instead, in its own heights up and to the side, nearest first. */
    private const SHIFTS = [
        [0.0, 0.0], [0.0, 1.0], [0.0, -1.0], [1.0, 0.0], [-1.0, 0.0], [0.0, 2.0], [0.0, -2.0], [2.0, 0.0], [-2.0, 0.0], [1.5, 1.0],
        [-1.5, 1.0], [1.5, -1.0], [-1.5, -1.0], [0.0, 3.0], [0.0, -3.0], [3.0, 0.0], [-3.0, 0.0], [3.0, 1.0], [-3.0, 1.0], [3.0, -1.0],
        [-3.0, -1.0], [0.0, 4.0], [0.0, -4.0], [4.5, 0.0], [-4.5, 0.0], [4.5, 1.5], [-4.5, 1.5], [4.5, -1.5], [-4.5, -1.5],
    ];

    /**
     * @param  list<Item>  $items
     * @param  array{float, float, float, float}  $frame  x0, y0, x1, y1 that writing stays within, m
     * @param  float  $paper  m for a mm of paper
     * @return list<Item> the same, with sizes, strengths and notes moved where they lay on each other
     */
    public static function apart(array $items, array $frame, float $paper): array
    {
        $taken = [];
        foreach ($items as $i => $item) {
            if (! self::isMoved($item)) {
                continue;
            }
            $best = self::placed($item, $taken, $frame, $paper);
            $taken[] = self::box($best, $paper);
            $items[$i] = $best;
        }

        return $items;
    }

    /** Another piece of writing for a drawing, where it lies on none that is there. */
    public static function clear(Text $text, Drawing $drawing): Text
    {
        $taken = [];
        foreach ($drawing->items as $item) {
            if ($item instanceof Text && ! in_array($item->role, [Role::Level, Role::Named], true)) {
                $taken[] = self::box($item, $drawing->paper());
            }
        }

        return self::placed($text, $taken, SectionDrawing::seen($drawing), $drawing->paper());
    }

    /**
     * @param  list<array{float, float, float, float}>  $taken
     * @param  array{float, float, float, float}  $frame
     */
    private static function placed(Text $text, array $taken, array $frame, float $paper): Text
    {
        $text = self::into($text, $frame, $paper);
        foreach (self::SHIFTS as [$right, $up]) {
            $tried = $text->movedTo([$text->at[0] + $right * self::HIGH * $paper, $text->at[1] + $up * self::HIGH * $paper]);
            $box = self::box($tried, $paper);
            if (self::within($box, $frame) && ! self::meetsAny($box, $taken)) {
                return $tried;
            }
        }

        return $text;
    }

    /**
     * Moved no farther than to the edge of the frame it runs out of.
     *
     * @param  array{float, float, float, float}  $frame
     */
    private static function into(Text $text, array $frame, float $paper): Text
    {
        [$x0, $y0, $x1, $y1] = self::box($text, $paper);

        return $text->movedTo([
            $text->at[0] + max(0.0, $frame[0] - $x0) - max(0.0, $x1 - $frame[2]),
            $text->at[1] + max(0.0, $frame[1] - $y0) - max(0.0, $y1 - $frame[3]),
        ]);
    }

    /** @phpstan-assert-if-true Text $item */
    public static function isMoved(Item $item): bool
    {
        return $item instanceof Text && in_array($item->role, [Role::Dimension, Role::Boundary, Role::Note], true);
    }

    /** @return array{float, float, float, float} x0, y0, x1, y1 of a piece of writing, m */
    public static function box(Text $text, float $paper): array
    {
        if ($text->role === Role::Flag) {
            $r = SectionFlags::RADIUS * $paper;

            return [$text->at[0] - $r, $text->at[1] - $r, $text->at[0] + $r, $text->at[1] + $r];
        }
        $wide = 0.0;
        foreach (mb_str_split($text->text) as $letter) {
            $wide += $paper * match (true) {
                ctype_digit($letter) => self::DIGIT,
                str_contains('mMwWN', $letter) => self::WIDE,
                str_contains(" \u{a0}.,'’\"/:il|±", $letter) => self::NARROW,
                default => self::LETTER,
            };
        }
        $left = $text->at[0] - match ($text->anchor) {
            'start' => 0.0,
            'middle' => $wide / 2,
            'end' => $wide,
        };

        return [$left, $text->at[1] - self::BELOW * $paper, $left + $wide, $text->at[1] + (self::HIGH - self::BELOW) * $paper];
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @param  list<array{float, float, float, float}>  $taken
     */
    public static function meetsAny(array $box, array $taken): bool
    {
        foreach ($taken as $other) {
            if ($box[0] < $other[2] && $other[0] < $box[2] && $box[1] < $other[3] && $other[1] < $box[3]) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array{float, float, float, float}  $box
     * @param  array{float, float, float, float}  $frame
     */
    public static function within(array $box, array $frame): bool
    {
        return $box[0] >= $frame[0] && $box[1] >= $frame[1] && $box[2] <= $frame[2] && $box[3] <= $frame[3];
    }
}
