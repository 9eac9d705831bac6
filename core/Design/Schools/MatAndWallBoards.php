<?php

declare(strict_types=1);

namespace Ondergrond\Design\Schools;

use Ondergrond\Design\Design;

/** In an old cellar, what goes in first. Rates: common practice, no source. */
final class MatAndWallBoards implements School
{
    public const MAT_FIRST = 'mat-first';

    public const BOARDS_FIRST = 'boards-first';

    /** Usual reach of a mat behind the boards, m. */
    private const BEHIND = 0.025;

    /** Person-hours for a square metre of mat, and for a metre along the wall where it is cut in round boards that stand already. */
    private const MAT = 0.06;

    private const CUT_IN = 0.10;

    public function slug(): string
    {
        return 'mat';
    }

    public function question(): string
    {
        return 'Mat on the old floor, boards on the wall';
    }

    public function answers(): array
    {
        return [self::MAT_FIRST => 'Mat first', self::BOARDS_FIRST => 'Wall boards first'];
    }

    public function decides(): string
    {
        return sprintf(
            'Mat first, its edge lies behind the boards and what runs down the wall goes under it. Boards first is done where the wall '
                .'has to be closed soon: the mat is cut in round them, some %.1f h a metre more, its edge has to be sealed, and what '
                .'seeps down behind the boards lands on it. It is regretted more often than not.', self::CUT_IN,
        );
    }

    public function answer(Design $design): ?string
    {
        return match (true) {
            ! $design->mat->present() || ! $design->lining->present() => null,
            $design->mat->behind > 0.0 => self::MAT_FIRST,
            default => self::BOARDS_FIRST,
        };
    }

    public function follow(Design $design, string $answer): Design
    {
        return $answer === $this->answer($design) ? $design : $design->with([
            'mat' => $design->mat->but(behind: $answer === self::MAT_FIRST ? self::BEHIND : 0.0),
        ]);
    }

    /**
     * Person-hours that laying the mat takes.
     *
     * @param  float  $floor  m²
     * @param  float  $round  along the walls, m
     */
    public static function work(Design $design, float $floor, float $round): float
    {
        return self::MAT * $floor + ($design->mat->behind > 0.0 ? 0.0 : self::CUT_IN * $round);
    }
}
