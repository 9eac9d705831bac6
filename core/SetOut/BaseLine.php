<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Dig;
use Ondergrond\Plan\Outline;
use Ondergrond\Plan\Pegs;
use Ondergrond\Plan\Plan;

/** The line between two pegs, P and Q, that offsets and tapes are taken from. */
final readonly class BaseLine
{
    /** As far off the building as pegs stand that nobody has set yet, at least; common practice, no source, m. */
    private const CLEAR = 2.0;

    /** Tapes that cut flatter than this do not fix a point, degrees; common practice, no source. */
    private const FLATTEST = 30.0;

    public function __construct(public Pegs $pegs) {}

    /**
     * The pegs that were set, else a proposal clear of the dig.
     *
     * @param  Plan  $plan  along the outer face of the concrete
     */
    public static function of(Plan $plan, Design $design): self
    {
        return $plan->pegs !== null ? new self($plan->pegs) : self::beside(
            $plan->outline,
            max(self::CLEAR, Dig::of($design)->topAt($plan->corners[array_key_first($plan->outline->points)]->wall) + SetBack::CLEAR),
        );
    }

    /** Beside the first wall, outside, so far beyond each of its ends as it stands off, m. */
    public static function beside(Outline $outline, float $off = self::CLEAR): self
    {
        $side = $outline->sides()[array_key_first($outline->points)];
        // Whole decimetres are typed and taped more easily.
        $off = ceil(round(10 * $off, 6)) / 10;
        [$px, $py] = $side->at(-$off, -$off);
        [$qx, $qy] = $side->at($side->length() + $off, -$off);

        return new self(new Pegs($px, $py, $qx, $qy));
    }

    /** From P towards Q, m. */
    public function along(float $x, float $y): float
    {
        $p = $this->pegs;

        return (($x - $p->px) * ($p->qx - $p->px) + ($y - $p->py) * ($p->qy - $p->py)) / $p->length();
    }

    /** To the left of the way from P to Q, m; negative to the right. */
    public function across(float $x, float $y): float
    {
        $p = $this->pegs;

        return (($p->qx - $p->px) * ($y - $p->py) - ($p->qy - $p->py) * ($x - $p->px)) / $p->length();
    }

    public function fromP(float $x, float $y): float
    {
        return hypot($x - $this->pegs->px, $y - $this->pegs->py);
    }

    public function fromQ(float $x, float $y): float
    {
        return hypot($x - $this->pegs->qx, $y - $this->pegs->qy);
    }

    /** Angle at which the tapes from both pegs cut, degrees; null at a peg. */
    public function cut(float $x, float $y): ?float
    {
        [$p, $q, $l] = [$this->fromP($x, $y), $this->fromQ($x, $y), $this->pegs->length()];

        return $p * $q === 0.0 ? null : rad2deg(acos(max(-1.0, min(1.0, ($p ** 2 + $q ** 2 - $l ** 2) / (2 * $p * $q)))));
    }

    /** Whether tapes from both pegs fix a point there. */
    public function fixes(float $x, float $y): bool
    {
        $cut = $this->cut($x, $y);

        return $cut !== null && $cut >= self::FLATTEST && $cut <= 180.0 - self::FLATTEST;
    }
}
