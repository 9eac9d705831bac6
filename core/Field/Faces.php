<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** The faces of cells that the boundaries of a problem lie on, each a number in parallel lists. */
final class Faces
{
    /** @var list<int> the painted cell, numbered as in Mesh */
    public array $cell = [];

    /** @var array<int, float> from the cell's centre to the space beyond, W/(m·K); 0 where a flux is given */
    public array $conductance = [];

    /** @var array<int, float> m */
    public array $length = [];

    /** @var list<int> which of the problem's boundaries */
    public array $boundary = [];

    /** @var list<int> where the space beyond lies: 1 right, −1 left, stride above, −stride below */
    public array $side = [];

    /** @var array<string, int> by cell and side: the boundary that took the face */
    private array $taken = [];

    private function __construct(private readonly Mesh $mesh) {}

    /** @throws FaultyInput where a boundary, or a stretch of it, lies on no edge or on another boundary */
    public static function of(Mesh $mesh): self
    {
        $faces = new self($mesh);
        foreach ($mesh->problem->boundaries as $number => $boundary) {
            $faces->add($boundary, $number);
        }

        return $faces;
    }

    private function add(Boundary $b, int $number): void
    {
        $vertical = $b->isVertical();
        [$on, $along] = $vertical ? [$this->mesh->x, $this->mesh->y] : [$this->mesh->y, $this->mesh->x];
        [$place, $from, $to] = $vertical ? [
            $b->x0,
            min($b->y0, $b->y1),
            max($b->y0, $b->y1),
        ] : [$b->y0, min($b->x0, $b->x1), max($b->x0, $b->x1)];
        $line = self::find($on, $place);
        $first = self::find($along, $from);
        $last = self::find($along, $to);
        if ($line === null || $first === null || $last === null) {
            throw self::offEdge($b, $number, $from, $to);
        }
        $stride = $this->mesh->stride;
        $before = $vertical ? 1 : $stride;
        for ($k = $first; $k < $last; $k++) {
            $after = $vertical ? ($k + 1) * $stride + $line + 1 : ($line + 1) * $stride + $k + 1;
            $here = $this->mesh->conductivity[$after] > 0.0;
            if ($here === ($this->mesh->conductivity[$after - $before] > 0.0)) {
                throw self::offEdge($b, $number, $along[$k], $along[$k + 1]);
            }
            $this->take(
                $b, $number, $here ? $after : $after - $before, $here ? -$before : $before, $along[$k + 1] - $along[$k],
                $here ? $line : $line - 1, $on,
            );
        }
    }

    /** @param  non-empty-list<float>  $on */
    private function take(Boundary $b, int $number, int $cell, int $side, float $length, int $index, array $on): void
    {
        $other = $this->taken["{$cell} {$side}"] ?? null;
        if ($other !== null) {
            throw FaultyInput::one(
                Fault::of(
                    "/boundaries/{$number}",
                    sprintf('“%s” lying on boundary %d', $b->name, $other),
                    'one boundary on each stretch of edge',
                ),
            );
        }
        $this->taken["{$cell} {$side}"] = $number;
        $half = ($on[$index + 1] - $on[$index]) / (2 * $this->mesh->conductivity[$cell]);
        $this->cell[] = $cell;
        $this->side[] = $side;
        $this->length[] = $length;
        $this->boundary[] = $number;
        $this->conductance[] = $b->temperature === null ? 0.0 : $length / ($half + $b->resistance);
    }

    /** @param  non-empty-list<float>  $lines */
    private static function find(array $lines, float $value): ?int
    {
        $low = 0;
        $high = count($lines) - 1;
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($lines[$middle] < $value - GridLines::SAME) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return abs($lines[$low] - $value) <= GridLines::SAME ? $low : null;
    }

    private static function offEdge(Boundary $b, int $number, float $from, float $to): FaultyInput
    {
        $line = $b->isVertical() ? 'x = %.6g m, y from %.6g to %.6g m' : 'y = %.6g m, x from %.6g to %.6g m';

        return FaultyInput::one(Fault::of(
            "/boundaries/{$number}",
            sprintf("no edge at {$line}", $b->isVertical() ? $b->x0 : $b->y0, $from, $to),
            'a line between what is painted and air or the outside, all along it',
        ));
    }
}
