<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Plan\Kinds\ControlJoint;

/** A piece of slab between joints and edges. Lengths in m, along the plan's first wall and square to it. */
final readonly class Panel
{
    /** As much less than its rectangle as joints that end at the inner face leave. */
    private const WHOLE = 0.98;

    /** A joint is drawn to what stands within that share of a piece. */
    private const NEAR = 0.2;

    /**
     * @param  string  $name  `corners A, D`; where it holds none, the joints beside it
     * @param  non-empty-list<array{float, float, float, float}>  $cells  u0, v0, u1, v1 in the frame
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $frame  origin, along, across
     * @param  list<string>  $joints  ids of those round it
     */
    public function __construct(
        private string $name,
        private array $cells,
        private array $frame,
        public float $long,
        public float $short,
        public float $area,
        public array $joints = [],
    ) {}

    /** Whether it is a rectangle. */
    public function isWhole(): bool
    {
        return $this->area >= self::WHOLE * $this->long * $this->short;
    }

    /** For the pattern of a sentence: “at corners A, D”. */
    public function place(): string
    {
        return str_replace('%', '%%', $this->name);
    }

    /**
     * In words, each with what is said of it; patterns of a sentence.
     *
     * @param  non-empty-list<self>  $panels
     * @param  string  ...$said  one for each, or one for all
     */
    public static function list(array $panels, string ...$said): string
    {
        return implode('; ', array_map(
            static fn (self $p, int $i): string => "{$p->place()} ".($said[$i] ?? $said[0] ?? ''), $panels, array_keys($panels),
        ));
    }

    /** As long as wide, so many times. */
    public function ratio(): float
    {
        return $this->long / max(1e-9, $this->short);
    }

    public function holds(float $x, float $y): bool
    {
        [$u, $v] = $this->local([$x, $y]);
        foreach ($this->cells as [$u0, $v0, $u1, $v1]) {
            if ($u >= $u0 && $u <= $u1 && $v >= $v0 && $v <= $v1) {
                return true;
            }
        }

        return false;
    }

    /**
     * Joints that part it into so many pieces of a size along its longer side and across; none where it is no rectangle.
     *
     * @param  list<array{float, float}>  $anchors  that a joint is drawn to where one stands near, m
     * @param  float  $limit  that no piece becomes longer than for that, m
     * @return array<string, ControlJoint> by an id that is not there yet
     */
    public function parted(Around $in, int $long, int $short, array $anchors = [], float $limit = INF): array
    {
        if (! $this->isWhole()) {
            return [];
        }
        [$u0, $v0] = [min(array_column($this->cells, 0)), min(array_column($this->cells, 1))];
        [$u1, $v1] = [max(array_column($this->cells, 2)), max(array_column($this->cells, 3))];
        [$along, $across] = $u1 - $u0 >= $v1 - $v0 ? [$long, $short] : [$short, $long];
        $at = array_map($this->local(...), $anchors);
        $cuts = [
            ...array_map(
                static fn (float $u): array => [[$u, $v0], [$u, $v1]], self::places($u0, $u1, $along, array_column($at, 0), $limit),
            ),
            ...array_map(
                static fn (float $v): array => [[$u0, $v], [$u1, $v]], self::places($v0, $v1, $across, array_column($at, 1), $limit),
            ),
        ];
        $items = [];
        foreach ($cuts as $i => $ends) {
            $items[Mend::NEW."{$this->name} {$i}"] = $this->joint($in, $ends, $i + 1);
        }

        return $items;
    }

    /**
     * Between two ends, so many pieces: of a size, or a little off it where something stands.
     *
     * @param  list<float>  $anchors
     * @return list<float>
     */
    private static function places(float $from, float $to, int $pieces, array $anchors, float $limit): array
    {
        $places = [];
        $last = $from;
        for ($i = 1; $i < $pieces; $i++) {
            $even = $last + ($to - $last) / ($pieces - $i + 1);
            $best = $even;
            $least = self::NEAR * ($to - $from) / $pieces;
            foreach ($anchors as $anchor) {
                if (abs($anchor - $even) < $least && $anchor - $last <= $limit && ($to - $anchor) / ($pieces - $i) <= $limit) {
                    [$best, $least] = [$anchor, abs($anchor - $even)];
                }
            }
            $places[] = $best;
            $last = $best;
        }

        return $places;
    }

    /**
     * @param  array{float, float}  $point
     * @return array{float, float} in the frame
     */
    private function local(array $point): array
    {
        [[$ox, $oy], [$ux, $uy], [$vx, $vy]] = $this->frame;

        return [($point[0] - $ox) * $ux + ($point[1] - $oy) * $uy, ($point[0] - $ox) * $vx + ($point[1] - $oy) * $vy];
    }

    /** @return array{float, float, float, float, float} its middle, sides along and across the frame, m; the frame's turn against the clock, degrees */
    public function box(): array
    {
        [$u0, $v0] = [min(array_column($this->cells, 0)), min(array_column($this->cells, 1))];
        [$u1, $v1] = [max(array_column($this->cells, 2)), max(array_column($this->cells, 3))];
        [[$ox, $oy], [$ux, $uy], [$vx, $vy]] = $this->frame;
        [$u, $v] = [($u0 + $u1) / 2, ($v0 + $v1) / 2];

        return [$ox + $u * $ux + $v * $vx, $oy + $u * $uy + $v * $vy, $u1 - $u0, $v1 - $v0, rad2deg(atan2($uy, $ux))];
    }

    /** @param  array{array{float, float}, array{float, float}}  $ends  in the frame */
    private function joint(Around $in, array $ends, int $number): ControlJoint
    {
        [[$ox, $oy], [$ux, $uy], [$vx, $vy]] = $this->frame;
        [[$x, $y], [$toX, $toY]] = array_map(static fn (array $p): array => [
            round($ox + $p[0] * $ux + $p[1] * $vx, 4), round($oy + $p[0] * $uy + $p[1] * $vy, 4),
        ], $ends);

        return new ControlJoint(
            ControlJoint::usual()->put(
                mb_substr("Joint {$number} at {$this->name}", 0, 60), $x, $y, round($in->section->slab, 4),
            ), $toX, $toY,
            ControlJoint::deep($in->design),
        );
    }
}
