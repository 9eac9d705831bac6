<?php

declare(strict_types=1);

namespace Ondergrond\Field;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/**
 * The mesh as a network of conductances per metre of depth, W/(m·K): finite volumes, heat passing between the centres
 * of neighbouring cells through the halves of both in series, which is exact for layers (ISO 10211:2007, annex A
 * asks for no particular method). Arrays over cells are numbered as in Mesh.
 */
final readonly class Network
{
    /**
     * @param  array<int, float>  $across  conductance to the cell on the right
     * @param  array<int, float>  $up  conductance to the cell above
     * @param  array<int, float>  $beyond  conductance to the temperatures beyond the cell's edges
     * @param  list<int>  $faceCell  by face of a boundary: the cell it belongs to
     * @param  array<int, float>  $faceConductance  by face: from the cell's centre to the space beyond; 0 where a flux is given
     * @param  array<int, float>  $faceLength  by face, m
     * @param  list<int>  $faceBoundary  by face: which of the problem's boundaries
     * @param  list<int>  $faceSide  by face: 1 right, −1 left, stride above, −stride below
     * @param  array<int, float>  $sources  by cell: heat set free in it, W/m
     */
    private function __construct(
        public Mesh $mesh,
        public array $across,
        public array $up,
        public array $beyond,
        public array $faceCell,
        public array $faceConductance,
        public array $faceLength,
        public array $faceBoundary,
        public array $faceSide,
        public array $sources,
    ) {}

    /** @throws FaultyInput where a boundary lies on no edge, a source on nothing, or a part has no temperature to hold it */
    public static function of(Mesh $mesh): self
    {
        [$across, $up] = self::between($mesh);
        $faces = Faces::of($mesh);
        $beyond = array_fill(0, count($across), 0.0);
        foreach ($faces->cell as $f => $q) {
            $beyond[$q] += $faces->conductance[$f];
        }
        $network = new self(
            $mesh, $across, $up, $beyond, $faces->cell, $faces->conductance, $faces->length, $faces->boundary, $faces->side,
            self::sources($mesh),
        );
        if ($mesh->halvings === 0) {
            $network->refuseLooseParts();
        }

        return $network;
    }

    /** @return array{array<int, float>, array<int, float>} */
    private static function between(Mesh $mesh): array
    {
        [$x, $y, $s, $lambda] = [$mesh->x, $mesh->y, $mesh->stride, $mesh->conductivity];
        $across = $up = array_fill(0, count($lambda), 0.0);
        for ($j = 1; $j <= $mesh->ny; $j++) {
            $height = $y[$j] - $y[$j - 1];
            $next = ($y[$j + 1] ?? $y[$j]) - $y[$j];
            for ($i = 1, $q = $j * $s + 1; $i <= $mesh->nx; $i++, $q++) {
                $here = $lambda[$q];
                if ($here <= 0.0) {
                    continue;
                }
                $width = $x[$i] - $x[$i - 1];
                $right = $lambda[$q + 1];
                if ($right > 0.0) {
                    $across[$q] = 2 * $height / ($width / $here + ($x[$i + 1] - $x[$i]) / $right);
                }
                $above = $lambda[$q + $s];
                if ($above > 0.0) {
                    $up[$q] = 2 * $width / ($height / $here + $next / $above);
                }
            }
        }

        return self::cornered($mesh, $across, $up);
    }

    /**
     * @param  array<int, float>  $across
     * @param  array<int, float>  $up
     * @return array{array<int, float>, array<int, float>}
     */
    private static function cornered(Mesh $mesh, array $across, array $up): array
    {
        [$x, $y, $s, $k] = [$mesh->x, $mesh->y, $mesh->stride, $mesh->conductivity];
        for ($j = 1; $j < $mesh->ny; $j++) {
            for ($i = 1, $c = $j * $s + 1; $i < $mesh->nx; $i++, $c++) {
                // c is the cell left below the node; the others are d right below, b left above, a right above.
                $d = $c + 1;
                $b = $c + $s;
                $a = $b + 1;
                if (
                    ($k[$a] === $k[$b] && $k[$c] === $k[$d])
                    || ($k[$a] === $k[$d] && $k[$b] === $k[$c])
                    || $k[$a] * $k[$b] * $k[$c] * $k[$d] <= 0.0
                ) {
                    continue;
                }
                $factors = Corner::of($k[$a], $k[$b], $k[$c], $k[$d])?->factors(
                    $x[$i + 1] - $x[$i],
                    $y[$j + 1] - $y[$j],
                    $x[$i] - $x[$i - 1],
                    $y[$j] - $y[$j - 1],
                );
                if ($factors !== null) {
                    $across[$b] *= $factors[0];
                    $up[$c] *= $factors[1];
                    $across[$c] *= $factors[2];
                    $up[$d] *= $factors[3];
                }
            }
        }

        return [$across, $up];
    }

    /** @return array<int, float> */
    private static function sources(Mesh $mesh): array
    {
        $heat = array_fill(0, count($mesh->conductivity), 0.0);
        foreach ($mesh->problem->sources as $n => $source) {
            $any = false;
            for ($j = 1; $j <= $mesh->ny; $j++) {
                $y = ($mesh->y[$j - 1] + $mesh->y[$j]) / 2;
                for ($i = 1; $i <= $mesh->nx; $i++) {
                    $x = ($mesh->x[$i - 1] + $mesh->x[$i]) / 2;
                    $q = $j * $mesh->stride + $i;
                    if ($x > $source->x0 && $x < $source->x1 && $y > $source->y0 && $y < $source->y1 && $mesh->conductivity[$q] > 0.0) {
                        $heat[$q] += $source->power * ($mesh->x[$i] - $mesh->x[$i - 1]) * ($mesh->y[$j] - $mesh->y[$j - 1]);
                        $any = true;
                    }
                }
            }
            if (! $any) {
                throw FaultyInput::one(Fault::of("/sources/{$n}", 'a source where nothing is painted', 'a rectangle over painted regions'));
            }
        }

        return $heat;
    }

    /** @throws FaultyInput where part of what is painted hangs together with no temperature */
    private function refuseLooseParts(): void
    {
        $s = $this->mesh->stride;
        $held = [];
        $open = [];
        foreach ($this->faceCell as $f => $q) {
            if ($this->faceConductance[$f] > 0.0 && ! isset($held[$q])) {
                $held[$q] = true;
                $open[] = $q;
            }
        }
        while ($open !== []) {
            $q = array_pop($open);
            foreach ([
                [$q + 1, $this->across[$q]], [$q - 1, $this->across[$q - 1]], [$q + $s, $this->up[$q]],
                [$q - $s, $this->up[$q - $s]],
            ] as [$other, $conductance]) {
                if ($conductance > 0.0 && ! isset($held[$other])) {
                    $held[$other] = true;
                    $open[] = $other;
                }
            }
        }
        foreach ($this->mesh->conductivity as $q => $lambda) {
            if ($lambda > 0.0 && ! isset($held[$q])) {
                throw FaultyInput::one(Fault::of(
                    '/boundaries',
                    sprintf(
                        'no temperature on the part at x = %.4g m, y = %.4g m',
                        $this->mesh->x[$q % $s - 1],
                        $this->mesh->y[intdiv($q, $s) - 1],
                    ),
                    'a boundary with a temperature on each part that hangs together',
                ));
            }
        }
    }

    /**
     * What drives the steady field: heat into each cell from beyond and from within, W/m.
     *
     * @return array<int, float>
     */
    public function steadyLoad(): array
    {
        $load = $this->sources;
        foreach ($this->faceCell as $f => $q) {
            $b = $this->mesh->problem->boundaries[$this->faceBoundary[$f]];
            $load[$q] += $b->temperature === null ? $b->flux * $this->faceLength[$f] : $this->faceConductance[$f] * $b->temperature;
        }

        return $load;
    }

    /**
     * What drives the harmonic field, W/m.
     *
     * @return array{array<int, float>, array<int, float>} real and imaginary parts
     */
    public function harmonicLoad(): array
    {
        $re = $im = array_fill(0, count($this->across), 0.0);
        foreach ($this->faceCell as $f => $q) {
            $b = $this->mesh->problem->boundaries[$this->faceBoundary[$f]];
            $by = $b->temperature === null ? $this->faceLength[$f] : $this->faceConductance[$f];
            $re[$q] += $by * $b->amplitude->re;
            $im[$q] += $by * $b->amplitude->im;
        }

        return [$re, $im];
    }

    /** Σ|load| of the steady and the harmonic field, W/m: what flows are small against where next to nothing flows. */
    public function drive(): float
    {
        $sum = array_sum(array_map(abs(...), $this->sources));
        foreach ($this->faceCell as $f => $q) {
            $b = $this->mesh->problem->boundaries[$this->faceBoundary[$f]];
            $sum += $b->temperature === null
                ? $this->faceLength[$f] * (abs($b->flux) + $b->amplitude->modulus())
                : $this->faceConductance[$f] * (abs($b->temperature) + $b->amplitude->modulus());
        }

        return $sum;
    }

    /**
     * ω times what each cell stores, W/(m·K).
     *
     * @return array<int, float>
     */
    public function storage(): array
    {
        $omega = $this->mesh->problem->angularFrequency();
        $storage = array_fill(0, count($this->across), 0.0);
        [$x, $y, $s] = [$this->mesh->x, $this->mesh->y, $this->mesh->stride];
        for ($j = 1; $j <= $this->mesh->ny; $j++) {
            $height = $omega * ($y[$j] - $y[$j - 1]);
            for ($i = 1, $q = $j * $s + 1; $i <= $this->mesh->nx; $i++, $q++) {
                $storage[$q] = $this->mesh->capacity[$q] * $height * ($x[$i] - $x[$i - 1]);
            }
        }

        return $storage;
    }

    /**
     * Heat into the section at each boundary for the temperatures of cells given, W per metre of depth.
     *
     * @param  array<int, float>  $cells
     * @param  array<int, float>  $beyond  by boundary: the temperature beyond it, or its flux
     * @param  array<int, float>|null  $conductance  by face, where it is not that of the network
     * @return array<string, float> by the boundaries' names
     */
    public function flows(array $cells, array $beyond, ?array $conductance = null): array
    {
        $conductance ??= $this->faceConductance;
        $boundaries = $this->mesh->problem->boundaries;
        $flows = array_fill_keys($this->mesh->problem->names(), 0.0);
        foreach ($this->faceCell as $f => $q) {
            $b = $this->faceBoundary[$f];
            $flows[$boundaries[$b]->name] += $boundaries[$b]->temperature === null
                ? $this->faceLength[$f] * $beyond[$b]
                : $conductance[$f] * ($beyond[$b] - $cells[$q]);
        }

        return $flows;
    }
}
