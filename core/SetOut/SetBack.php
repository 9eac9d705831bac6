<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Plan;

/** A peg in the line of a wall beyond the dig's top edge: two of them give the line back when the dig has swallowed its corners. */
final readonly class SetBack
{
    /** From the dig's top edge, clear of the spoil and of what falls in; common practice, no source, m. */
    public const CLEAR = 1.0;

    /**
     * @param  string  $wall  `A–B`
     * @param  string  $corner  that it stands beyond
     * @param  float  $toCorner  tape along the line, m
     * @param  string  $far  the wall's other corner
     * @param  float  $toFar  tape along the line, m
     * @param  float  $fromP  tape from the first peg of the base line, m
     * @param  float  $fromQ  tape from the second, m
     */
    private function __construct(
        public string $wall,
        public string $corner,
        public float $x,
        public float $y,
        public float $toCorner,
        public string $far,
        public float $toFar,
        public float $fromP,
        public float $fromQ,
    ) {}

    /** In files: `A-B/A`. */
    public function id(): string
    {
        return strtr($this->wall, ['–' => '-'])."/{$this->corner}";
    }

    /** As the sheet names it. */
    public function name(): string
    {
        return "{$this->wall} beyond {$this->corner}";
    }

    /**
     * Two for each wall.
     *
     * @param  Plan  $plan  along the outer face of the concrete
     * @return list<self>
     */
    public static function of(Plan $plan, Dig $dig, BaseLine $line): array
    {
        $clear = self::CLEAR + max(0.0, ...array_map(static fn (Corner $c): float => $dig->topAt($c->wall), array_values($plan->corners)));
        $found = [];
        // In the middle of a wall that was parted in two nobody needs a peg.
        $bent = array_flip([...$plan->outline->outward(), ...$plan->outline->reentrant()]);
        foreach ($plan->outline->sides() as $side) {
            foreach ([
                [$side->from, $side->to, $side->start, -1.0], [$side->to, $side->from, $side->end, 1.0],
            ] as [$at, $far, $from, $way]) {
                if (! isset($bent[$at])) {
                    continue;
                }
                [$ux, $uy] = $side->direction();
                $ahead = [$way * $ux, $way * $uy];
                $out = self::beyond($plan->outline, $from, $ahead, $clear);
                [$x, $y] = [$from[0] + $out * $way * $ux, $from[1] + $out * $way * $uy];
                $found[] = new self(
                    "{$side->from}–{$side->to}", $at, $x, $y, $out, $far, $out + $side->length(), $line->fromP($x, $y), $line->fromQ($x,
                        $y),
                );
            }
        }

        return $found;
    }

    /**
     * How far along that way the last place lies that is so close to a wall, m.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $way  of length 1
     */
    private static function beyond(Outline $outline, array $from, array $way, float $clear): float
    {
        $last = $clear;
        foreach ($outline->sides() as $side) {
            foreach ([$side->start, $side->end] as [$x, $y]) {
                $along = ($x - $from[0]) * $way[0] + ($y - $from[1]) * $way[1];
                $off = ($x - $from[0]) * $way[1] - ($y - $from[1]) * $way[0];
                if (abs($off) < $clear) {
                    $last = max($last, $along + sqrt($clear ** 2 - $off ** 2));
                }
            }
            // Beside the wall, between its ends: where the way leaves the strip along it.
            [$vx, $vy] = $side->inward();
            $deeper = $way[0] * $vx + $way[1] * $vy;
            foreach (abs($deeper) < 1e-9 ? [] : [-$clear, $clear] as $edge) {
                $along = ($edge - $side->depthOf(...$from)) / $deeper;
                $at = $side->alongOf($from[0] + $along * $way[0], $from[1] + $along * $way[1]);
                if ($at >= 0.0 && $at <= $side->length()) {
                    $last = max($last, $along);
                }
            }
        }

        return $last;
    }
}
