<?php

declare(strict_types=1);

namespace Ondergrond\Plan;

use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** An opening in a wall, with the well before it where it lies in the ground. */
final readonly class Opening
{
    /** m, as in the schema. */
    public const NARROWEST = 0.3;

    /** m, as in the schema. */
    public const WIDEST = 20.0;

    /** A well's floor lies that far below the sill; common practice, no source, m. */
    private const BELOW_SILL = 0.2;

    /**
     * @param  string  $wall  id of the corner that its wall begins at
     * @param  float  $from  along the wall, from that corner to the near jamb, m
     * @param  float  $width  m
     * @param  float  $sill  over the ground at the common edge, m; of a door it says nothing
     * @param  float  $wellOut  how far a well stands out from the wall, m; 0: there is none
     * @param  float  $wellDepth  of the well's floor below the ground there, m
     */
    public function __construct(
        #[Size('wall')]
        public string $wall,
        #[Size('from the corner', quantity: Quantity::Length)]
        public float $from,
        #[Size('width', quantity: Quantity::Length)]
        public float $width,
        #[Size('opening')]
        public OpeningKind $kind = OpeningKind::Door,
        #[Size('sill', quantity: Quantity::Length)]
        public float $sill = 0.0,
        #[Size('well, out from the wall')]
        public float $wellOut = 0.0,
        #[Size('well, floor below the ground')]
        public float $wellDepth = 0.0,
    ) {}

    /** The same at another place, m along a wall. */
    public function in(string $wall, float $from): self
    {
        return new self($wall, round($from, 9), $this->width, $this->kind, $this->sill, $this->wellOut, $this->wellDepth);
    }

    /** @return list<Remark> */
    public function remarks(Around $in): array
    {
        $ground = $in->plan->corners[$this->wall]->wall->lowest();
        $remarks = [];
        if (! $this->kind->isDoor() && $this->sill < $ground - 1e-6 && $this->wellOut <= 0.0) {
            $remarks[] = new Remark('well', Severity::Fix, Said::of(
                'its sill lies %s below the ground, and no well is drawn before it', Measure::size($ground - $this->sill),
            ));
        }
        if ($this->wellOut > 0.0 && $ground - $this->wellDepth > $this->sill - self::BELOW_SILL + 1e-6) {
            $remarks[] = new Remark('well-depth', Severity::Fix, Said::of(
                'the floor of its well lies %s below the sill, where %s keep water out of the frame',
                Measure::size($this->sill - $ground + $this->wellDepth), Measure::size(self::BELOW_SILL),
            ));
        }
        if ($this->wellOut > 0.0 && $this->drainNear($in) === false) {
            $remarks[] = new Remark('well-drained', Severity::Note, Said::of('nothing leads the water of its well away'));
        }

        return $remarks;
    }

    /** @return list<Want> */
    public function wants(): array
    {
        return $this->wellOut > 0.0 ? [new Want(Supply::Well, 1.0, $this->width)] : [];
    }

    private function drainNear(Around $in): bool
    {
        [$x, $y] = $in->plan->outline->sides()[$this->wall]->at($this->from + $this->width / 2, -$this->wellOut / 2);

        return $in->nearest([Kinds\DrainRun::class, Kinds\Gully::class], $x, $y) <= $this->width / 2 + $this->wellOut + 0.5;
    }
}
