<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Fault\FaultyInput;
use Ondergrond\Plan\Corner;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Plan;
use Ondergrond\Plan\WallLine;

/** A peg in the line of a wall beyond the dig's top edge: two of them give the line back when the dig has swallowed its corners. */
final readonly class SetBack
{
    /** From the dig's top edge, clear of the spoil and of what falls in; common practice, no source, m. */
    public const CLEAR = 1.0;

    /** m. */
    private const STEP = 0.1;

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
        try {
            $edge = $plan->outline->inset(-$clear);
        } catch (FaultyInput) {
            $edge = null;
        }
        $found = [];
        // In the middle of a wall that was parted in two nobody needs a peg.
        $bent = array_flip([...$plan->outline->outward(), ...$plan->outline->reentrant()]);
        foreach ($plan->outline->sides() as $side) {
            foreach ([[$side->from, $side->to, $side->start, -1.0], [$side->to, $side->from, $side->end, 1.0]] as [$at, $far, $from, $way]) {
                if (! isset($bent[$at])) {
                    continue;
                }
                [$ux, $uy] = $side->direction();
                $ahead = [$way * $ux, $way * $uy];
                $out = ($edge === null ? null : self::beyond($edge, $from, $ahead)) ?? self::walked($plan->outline, $from, $ahead, $clear);
                [$x, $y] = [$from[0] + $out * $way * $ux, $from[1] + $out * $way * $uy];
                $found[] = new self(
                    "{$side->from}–{$side->to}", $at, $x, $y, $out, $far, $out + $side->length(), $line->fromP($x, $y), $line->fromQ($x, $y),
                );
            }
        }

        return $found;
    }

    /**
     * How far along that way the last wall of an outline is crossed, m; null where none is.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $way  of length 1
     */
    private static function beyond(Outline $edge, array $from, array $way): ?float
    {
        $last = null;
        foreach ($edge->sides() as $side) {
            $cross = self::crossed($side, $from, $way);
            if ($cross !== null && $cross > 0.0) {
                $last = max($last ?? 0.0, $cross);
            }
        }

        return $last;
    }

    /**
     * The same where the dig's edge has no line of its own, as round a court that its slopes fill: back from far off until it is too
     * close.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $way
     */
    private static function walked(Outline $outline, array $from, array $way, float $clear): float
    {
        [$x0, $y0, $x1, $y1] = $outline->box();
        $out = hypot($x1 - $x0, $y1 - $y0) + 2 * $clear;
        while ($out > $clear && $outline->outside($from[0] + ($out - self::STEP) * $way[0], $from[1] + ($out - self::STEP) * $way[1]) >= $clear) {
            $out -= self::STEP;
        }

        return $out;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $way
     */
    private static function crossed(WallLine $side, array $from, array $way): ?float
    {
        [[$ax, $ay], [$bx, $by]] = [$side->start, $side->end];
        $det = $way[0] * ($by - $ay) - $way[1] * ($bx - $ax);
        if (abs($det) < 1e-9 * $side->length()) {
            return null;
        }
        $share = ($way[0] * ($from[1] - $ay) - $way[1] * ($from[0] - $ax)) / $det;

        return $share < -1e-9 || $share > 1 + 1e-9 ? null
            : (($ax - $from[0]) * ($by - $ay) - ($ay - $from[1]) * ($bx - $ax)) / $det;
    }
}
