<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Plan\Kinds\ControlJoint;

/** A piece of slab between joints and edges. Lengths in m, along the plan's first wall and square to it. */
final readonly class Panel
{
    /** As much less than its rectangle as joints that end at the inner face leave. */
    private const WHOLE = 0.98;

    /**
     * @param  string  $name  `corners A, D`; where it holds none, the joints beside it
     * @param  non-empty-list<array{float, float, float, float}>  $cells  u0, v0, u1, v1 in the frame
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $frame  origin, along, across
     */
    public function __construct(
        private string $name,
        private array $cells,
        private array $frame,
        public float $long,
        public float $short,
        public float $area,
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

    public function holds(float $x, float $y): bool
    {
        [[$ox, $oy], [$ux, $uy], [$vx, $vy]] = $this->frame;
        [$u, $v] = [($x - $ox) * $ux + ($y - $oy) * $uy, ($x - $ox) * $vx + ($y - $oy) * $vy];
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
     * @return array<string, ControlJoint> by an id that is not there yet
     */
    public function parted(Around $in, int $long, int $short): array
    {
        if (! $this->isWhole()) {
            return [];
        }
        [$u0, $v0] = [min(array_column($this->cells, 0)), min(array_column($this->cells, 1))];
        [$u1, $v1] = [max(array_column($this->cells, 2)), max(array_column($this->cells, 3))];
        [$along, $across] = $u1 - $u0 >= $v1 - $v0 ? [$long, $short] : [$short, $long];
        $cuts = [];
        for ($i = 1; $i < $along; $i++) {
            $u = $u0 + ($u1 - $u0) * $i / $along;
            $cuts[] = [[$u, $v0], [$u, $v1]];
        }
        for ($i = 1; $i < $across; $i++) {
            $v = $v0 + ($v1 - $v0) * $i / $across;
            $cuts[] = [[$u0, $v], [$u1, $v]];
        }
        $items = [];
        foreach ($cuts as $i => $ends) {
            $items[Mend::NEW."{$this->name} {$i}"] = $this->joint($in, $ends, $i + 1);
        }

        return $items;
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
