<?php

declare(strict_types=1);

namespace Ondergrond\Drawing;

/** What a site leaves open, marked on a section where the answer belongs: in the sky, at the ground outside, deep in it. */
final class QuestionMarks
{
    /** From the edge of the sheet, up from its foot, and over the ground: a page may lay something over the top, mm of paper. */
    private const IN = 2.0;

    private const FROM_FOOT = 9.0;

    private const UNDER_GROUND = 4.5;

    private const IN_SKY = 5.0;

    /** A page lays the whole section over the corner, so far down; where the ground lies higher, marks stand below that. */
    private const INSET = 40.0;

    private const LINE = 5.0;

    /**
     * @param  list<array{key: string, words: string, place: 'sky'|'surface'|'ground'}>  $questions  the size that answers each, and
     *   a few words
     */
    public static function over(Drawing $drawing, array $questions): Drawing
    {
        $mm = $drawing->paper();
        [, $foot, $right, $top] = SectionDrawing::seen($drawing);
        $deep = count(array_filter($questions, static fn (array $q): bool => $q['place'] === 'ground'));
        foreach ($questions as $i => $question) {
            $y = match ($question['place']) {
                'sky' => self::IN_SKY * $mm,
                'surface' => -self::UNDER_GROUND * $mm,
                // Those that stand in one place go downward.
                'ground' => $foot + (self::FROM_FOOT + self::LINE * --$deep) * $mm,
            };
            $at = [$right - self::IN * $mm, min($y, $top - (self::INSET + self::LINE * $i) * $mm)];
            $text = new Text(Role::Question, null, $at, ($i + 1).' '.$question['words'], 'end', field: $question['key']);
            $drawing = new Drawing(
                $drawing->scale, $drawing->box, [...$drawing->items, Lettering::clear($text, $drawing)], $drawing->title,
            );
        }

        return $drawing;
    }
}
