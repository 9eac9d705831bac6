<?php

declare(strict_types=1);

namespace Ondergrond\Field;

/**
 * Two boundaries that hold different temperatures without resistance and meet in a point: however fine the mesh, the
 * flow between them grows, so that it has no value to find.
 */
final readonly class Touching
{
    private function __construct(
        public string $one,
        public string $other,
        public float $x,
        public float $y,
    ) {}

    /** @return list<self> */
    public static function in(Problem $problem): array
    {
        $bare = array_values(
            array_filter($problem->boundaries, static fn (Boundary $b): bool => $b->temperature !== null && $b->resistance === 0.0),
        );
        $found = [];
        foreach ($bare as $i => $a) {
            foreach (array_slice($bare, $i + 1) as $b) {
                $alike = $a->temperature === $b->temperature && $a->amplitude->minus($b->amplitude)->modulus() === 0.0;
                foreach ($alike ? [] : [[$a->x0, $a->y0], [$a->x1, $a->y1]] as [$x, $y]) {
                    foreach ([[$b->x0, $b->y0], [$b->x1, $b->y1]] as [$u, $v]) {
                        if (hypot($x - $u, $y - $v) <= GridLines::SAME) {
                            $found[] = new self($a->name, $b->name, $x, $y);
                        }
                    }
                }
            }
        }

        return $found;
    }
}
