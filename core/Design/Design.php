<?php

declare(strict_types=1);

namespace Ondergrond\Design;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;

/** One way of building the foundation: its parts, all sizes in m. */
final readonly class Design
{
    /** The beam reaches at least this far below the slab's underside, or it is no beam, m. */
    private const LEAST_BEAM = 0.05;

    /** A limit that was rounded for reading may be typed back, m. */
    private const ROUNDING = 0.0005;

    private function __construct(
        public string $family,
        public Footprint $footprint,
        public Slab $slab,
        public EdgeBeam $beam,
        public Layer $field,
        public PerimeterZone $perimeter,
        public Layer $edgeInside,
        public Layer $edgeUnder,
        public OutsideBoard $edgeOutside,
        public Sheet $sheet,
        public Layer $stone,
        public Wall $wall,
    ) {}

    /**
     * @param  string  $family  slug of the family it began as
     * @param  Layer  $field  board under the slab
     * @param  Layer  $edgeInside  board on the inner face of the beam
     * @param  Layer  $edgeUnder  board under the beam, carrying it
     * @param  Layer  $stone  bed under boards and beam, at its thinnest
     *
     * @throws FaultyInput where the parts cannot be built together
     */
    public static function of(
        string $family,
        Footprint $footprint,
        Slab $slab,
        EdgeBeam $beam,
        Layer $field,
        PerimeterZone $perimeter,
        Layer $edgeInside,
        Layer $edgeUnder,
        OutsideBoard $edgeOutside,
        Sheet $sheet,
        Layer $stone,
        Wall $wall,
    ): self {
        $design = new self($family, $footprint, $slab, $beam, $field, $perimeter, $edgeInside, $edgeUnder, $edgeOutside, $sheet, $stone, $wall);
        $faults = $design->faults();

        return $faults === [] ? $design : throw FaultyInput::because($faults);
    }

    /** The same slab with no insulation; its wall and its stone stay. */
    public function withoutInsulation(): self
    {
        return new self(
            $this->family,
            $this->footprint,
            $this->slab,
            $this->beam,
            $this->field->thick(0.0),
            new PerimeterZone($this->perimeter->board->thick(0.0), 0.0),
            $this->edgeInside->thick(0.0),
            $this->edgeUnder->thick(0.0),
            new OutsideBoard($this->edgeOutside->board->thick(0.0), $this->edgeOutside->depth),
            $this->sheet,
            $this->stone,
            $this->wall,
        );
    }

    /** @return list<Fault> what cannot be built, pointers begin at the design */
    private function faults(): array
    {
        $faults = array_map(static fn (Fault $f): Fault => $f->at('/footprint'), $this->footprint->faults());
        $least = $this->slab->layer->thickness + self::LEAST_BEAM;
        if ($this->beam->depth < $least - self::ROUNDING) {
            $faults[] = Fault::range('/edge_beam/depth_m', $this->beam->depth, $least, null, 'counted from the slab’s top, the beam is deeper than the slab');
        }
        if ($this->slab->topAboveGrade > $this->beam->depth + self::ROUNDING) {
            $faults[] = Fault::range('/slab/top_above_grade_m', $this->slab->topAboveGrade, null, $this->beam->depth, 'the beam reaches into the ground');
        }
        $half = $this->footprint->characteristicDimension() / 2;
        if ($this->perimeter->width > $half + self::ROUNDING) {
            $faults[] = Fault::range('/perimeter_board/width_m', $this->perimeter->width, 0.0, $half, 'half the floor’s mean width');
        }

        return $faults;
    }
}
