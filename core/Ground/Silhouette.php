<?php

declare(strict_types=1);

namespace Ondergrond\Ground;

use Ondergrond\Field\Patch;

/**
 * The edges of what is painted, each with the space of air that it faces. Spaces are numbered from left to right and
 * from the top down, 0 being the one at the upper left: in a section through an edge, the room.
 */
final readonly class Silhouette
{
    /**
     * @param  list<Edge>  $edges
     * @param  non-empty-list<float>  $x  lines of the grid that all corners lie on, m
     * @param  non-empty-list<float>  $y
     * @param  array<int, array<int, int>>  $spaces  by row and column
     */
    private function __construct(
        public array $edges,
        private array $x,
        private array $y,
        private array $spaces,
    ) {}

    /** The space of air at a point; null where something is painted or outside the section. */
    public function spaceAt(float $x, float $y): ?int
    {
        $i = count(array_filter($this->x, static fn (float $line): bool => $line <= $x)) - 1;
        $j = count(array_filter($this->y, static fn (float $line): bool => $line <= $y)) - 1;

        return $this->spaces[$j][$i] ?? null;
    }

    /**
     * Spaces of air that are none of the given ones: what is shut in between parts, as rectangles.
     *
     * @param  list<int|null>  $known
     * @return list<array{float, float, float, float, float}> x0, y0, x1, y1 and the hollow's lesser extent, m
     */
    public function hollows(array $known): array
    {
        $cells = $extent = [];
        foreach ($this->spaces as $j => $row) {
            foreach ($row as $i => $space) {
                if (! in_array($space, $known, true)) {
                    [$x0, $y0, $x1, $y1] = [$this->x[$i], $this->y[$j], $this->x[$i + 1], $this->y[$j + 1]];
                    $cells[] = [$space, $x0, $y0, $x1, $y1];
                    $of = $extent[$space] ?? [$x0, $y0, $x1, $y1];
                    $extent[$space] = [min($of[0], $x0), min($of[1], $y0), max($of[2], $x1), max($of[3], $y1)];
                }
            }
        }

        return array_map(static function (array $cell) use ($extent): array {
            [$x0, $y0, $x1, $y1] = $extent[$cell[0]];

            return [$cell[1], $cell[2], $cell[3], $cell[4], min($x1 - $x0, $y1 - $y0)];
        }, $cells);
    }

    /** @param  non-empty-list<Patch>  $patches */
    public static function of(array $patches): self
    {
        $x = self::lines($patches, 0);
        $y = self::lines($patches, 1);
        $solid = self::solid($patches, $x, $y);
        $space = self::spaces($solid);
        $edges = [];
        foreach ($solid as $j => $row) {
            foreach ($row as $i => $filled) {
                if (! $filled) {
                    continue;
                }
                foreach ([['right', 1, 0], ['left', -1, 0], ['up', 0, 1], ['down', 0, -1]] as [$way, $di, $dj]) {
                    $beyond = $space[$j + $dj][$i + $di] ?? null;
                    if ($beyond !== null) {
                        $edges[] = match ($way) {
                            'right' => new Edge($x[$i + 1], $y[$j], $x[$i + 1], $y[$j + 1], $beyond, $way),
                            'left' => new Edge($x[$i], $y[$j], $x[$i], $y[$j + 1], $beyond, $way),
                            'up' => new Edge($x[$i], $y[$j + 1], $x[$i + 1], $y[$j + 1], $beyond, $way),
                            default => new Edge($x[$i], $y[$j], $x[$i + 1], $y[$j], $beyond, $way),
                        };
                    }
                }
            }
        }

        return new self(self::joined($edges), $x, $y, $space);
    }

    /**
     * Edges that go on in the same line past a crossing, as one.
     *
     * @param  list<Edge>  $edges
     * @return list<Edge>
     */
    private static function joined(array $edges): array
    {
        usort($edges, static fn (Edge $a, Edge $b): int => $a->order() <=> $b->order());
        $joined = [];
        foreach ($edges as $edge) {
            $last = array_pop($joined);
            if ($last !== null && ! $last->goesOnAs($edge)) {
                $joined[] = $last;
                $last = null;
            }
            $joined[] = $last === null ? $edge : $last->until($edge);
        }

        return $joined;
    }

    /**
     * @param  non-empty-list<Patch>  $patches
     * @param  0|1  $axis
     * @return non-empty-list<float>
     */
    private static function lines(array $patches, int $axis): array
    {
        $places = [];
        foreach ($patches as $patch) {
            foreach ($patch->polygon as $corner) {
                $places[(string) $corner[$axis]] = $corner[$axis];
            }
        }
        sort($places);
        assert($places !== []);

        return $places;
    }

    /**
     * @param  list<Patch>  $patches
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<float>  $y
     * @return list<list<bool>> by row from below, by column
     */
    private static function solid(array $patches, array $x, array $y): array
    {
        $solid = array_fill(0, count($y) - 1, array_fill(0, count($x) - 1, false));
        foreach ($patches as $patch) {
            foreach ($solid as $j => $row) {
                foreach (array_keys($row) as $i) {
                    if ($patch->covers(($x[$i] + $x[$i + 1]) / 2, ($y[$j] + $y[$j + 1]) / 2)) {
                        $solid[$j][$i] = $patch->substance !== null;
                    }
                }
            }
        }

        return $solid;
    }

    /**
     * @param  list<list<bool>>  $solid
     * @return array<int, array<int, int>> the space's number by row and column, where there is air
     */
    private static function spaces(array $solid): array
    {
        /** @var array<int, array<int, int>> $space */
        $space = [];
        $number = -1;
        for ($i = 0; $i < count($solid[0] ?? []); $i++) {
            for ($j = count($solid) - 1; $j >= 0; $j--) {
                if ($solid[$j][$i] || isset($space[$j][$i])) {
                    continue;
                }
                $number++;
                $open = [[$j, $i]];
                while ($open !== []) {
                    [$v, $u] = array_pop($open);
                    if (($solid[$v][$u] ?? true) || isset($space[$v][$u])) {
                        continue;
                    }
                    $space[$v][$u] = $number;
                    array_push($open, [$v + 1, $u], [$v - 1, $u], [$v, $u + 1], [$v, $u - 1]);
                }
            }
        }

        return $space;
    }
}
