<?php

declare(strict_types=1);

namespace Ondergrond\Frost;

use Ondergrond\Design\Design;
use Ondergrond\Material\Material;
use Ondergrond\Section\Layout;
use Ondergrond\Units\Unit;

/**
 * The North American table for frost-protected shallow foundations of heated buildings: International Residential Code 2021,
 * table R403.3(1), from memory. Footing depth and vertical R are interpolated; the wing is never interpolated from a row that
 * asks for none, but taken from the next; beyond the last row the table says nothing.
 */
final readonly class FrostTable
{
    /**
     * Index °F·d; footing depth, in; vertical R; horizontal R along walls and at corners; A, B, C, in. 0 where nothing is asked.
     */
    public const ROWS = [
        [1500, 12, 4.5, 0, 0, 0, 0, 0],
        [2000, 14, 5.6, 0, 0, 0, 0, 0],
        [2500, 16, 6.7, 1.7, 4.9, 12, 24, 40],
        [3000, 16, 7.8, 6.5, 8.6, 12, 24, 40],
        [3500, 16, 9.0, 8.0, 11.2, 24, 30, 60],
        [4000, 16, 10.1, 10.5, 13.1, 24, 36, 60],
    ];

    /** Heated to a monthly mean of 64 °F, °C (R403.3, from memory). */
    public const HEATED = 18.0;

    /** A floor lower than this is a basement's, m. */
    private const DEEP = 0.3;

    /**
     * R per inch that counts in the ground, upright and lying (footnote of the table, from memory): EPS of types II and IX, XPS.
     * Older editions have 2.4, 3.2 and 4.5 for both; ASCE 32-01 and newer ones 3.2/2.6, 3.4/2.8 and 4.5/4.0. The lower of the
     * two editions stands.
     */
    private const EFFECTIVE = [
        'eps-15psi' => [2.4, 2.4], 'eps-form' => [2.4, 2.4], 'eps-25psi' => [3.2, 2.8],
        'xps-25psi' => [4.5, 4.0], 'xps-40psi' => [4.5, 4.0], 'xps-60psi' => [4.5, 4.0], 'xps-100psi' => [4.5, 4.0],
    ];

    /** Which editions that is, for people. */
    public const EDITIONS = 'R per inch in the ground: the lower of the older editions (upright and lying alike) and the newer ones (lying boards apart)';

    /**
     * @param  string|null  $why  the table says nothing of this; null where it does
     * @param  float  $index  °F·d
     * @param  list<FrostDemand>  $demands
     */
    private function __construct(
        public ?string $why,
        public float $index,
        public array $demands,
    ) {}

    /** @param  float  $coldest  lowest monthly mean inside, °C */
    public static function of(Design $design, DesignWinter $winter, bool $heated, float $coldest): self
    {
        $index = FreezingIndex::fahrenheitDays($winter->index);
        $last = self::ROWS[count(self::ROWS) - 1][0];
        $why = match (true) {
            $design->deck->present() || $design->depth() > self::DEEP => 'the table is for slabs on the ground',
            ! $heated => 'the table is for heated buildings',
            $coldest < self::HEATED => sprintf(
                'the table is for buildings kept at a monthly mean of at least %.0f °C (%.0f °F)',
                self::HEATED,
                32 + 1.8 * self::HEATED,
            ),
            $index > $last => sprintf('the table ends at %d °F·d and is not extrapolated', $last),
            default => null,
        };

        return new self($why, $index, $why === null ? self::demands($design, self::row($index)) : []);
    }

    /**
     * What the table asks at an index.
     *
     * @param  float  $index  °F·d, no more than the last row's
     * @return array{float, float, float, float, float, float, float} footing depth, m; vertical R, horizontal R along walls and at corners, m²K/W; A, B, C, m
     */
    public static function row(float $index): array
    {
        $below = self::ROWS[0];
        foreach (self::ROWS as $row) {
            if ($index <= $row[0]) {
                $span = $row[0] - $below[0];
                $share = $span > 0 ? ($index - $below[0]) / $span : 1.0;
                $between = static fn (int $k): float => $below[$k] + $share * ($row[$k] - $below[$k]);
                // The wing's extent goes in steps; its R between rows that have one.
                $board = static fn (int $k): float => $below[$k] > 0 ? $between($k) : (float) $row[$k];
                $r = Unit::rValue()->factor;

                return [
                    $between(1) * Unit::INCH, $between(2) * $r, $board(3) * $r, $board(4) * $r,
                    $row[5] * Unit::INCH, $row[6] * Unit::INCH, $row[7] * Unit::INCH,
                ];
            }
            $below = $row;
        }
        throw new \LogicException('the table is not extrapolated');
    }

    /** R of a board that counts in the ground, m²K/W; 0 of one that the table does not know. */
    public static function effective(Material $material, float $thickness, bool $lying): float
    {
        return (self::EFFECTIVE[$material->slug][$lying ? 1 : 0] ?? 0.0) * $thickness / Unit::INCH * Unit::rValue()->factor;
    }

    /**
     * @param  array{float, float, float, float, float, float, float}  $row
     * @return list<FrostDemand>
     */
    private static function demands(Design $d, array $row): array
    {
        [$depth, $vertical, $along, $corner, $a, $b, $c] = $row;
        $board = $d->edgeOutside;
        $at = Layout::of($d);
        $foot = $at->grade - $at->foot;
        $reaches = $board->present() && $at->grade - $at->boardFoot >= min($foot, $depth) - 0.02;
        $upright = ($reaches ? self::effective($board->layer->material, $board->layer->thickness, false) : 0.0)
            + self::effective($d->form->faces(), $d->form->outside, false);
        $wing = $d->wing;
        $lies = $wing->present();
        $lying = static fn (float $thickness): float => $lies ? self::effective($wing->layer->material, $thickness, true) : 0.0;

        return array_values(array_filter([
            new FrostDemand('footing', 'Foundation below the ground', $depth, $foot, true),
            new FrostDemand('vertical', 'Upright board outside, R that counts', $vertical, $upright, false),
            new FrostDemand('along', 'Wing along the walls, R that counts', $along, $lying($wing->layer->thickness), false),
            new FrostDemand('width', 'Wing along the walls, width', $a, $lies ? $wing->width : 0.0, true),
            new FrostDemand('corner', 'Wing at corners, R that counts', $corner, $lying($wing->atCorner()), false),
            new FrostDemand('corner-width', 'Wing at corners, width', $b, $lies ? $wing->outAtCorner() : 0.0, true),
            // Where the corner is as the walls are, it goes all round.
            new FrostDemand(
                'corner-length', 'Wing at corners, along each wall', $c, $lies && $wing->isEven() ? INF : $wing->cornerLength, true,
            ),
        ], static fn (FrostDemand $demand): bool => $demand->needed > 0.0));
    }

    /** Whether the design has all that the table asks; null where it says nothing. */
    public function holds(): ?bool
    {
        return $this->why !== null ? null : array_filter($this->demands, static fn (FrostDemand $d): bool => ! $d->holds()) === [];
    }
}
