<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Design;
use Ondergrond\Section\Layout;
use Ondergrond\Site\Site;

/**
 * How a new slab dries once its cover is off: diffusion from even humidity to that of the air at its open faces. The
 * diffusivity is set so that 100 mm with w/c 0.5, open on one side, falls to 85 % at 40 % of its depth in four months, which
 * is the trade's month for an inch (common practice, no source); thickness then counts squared, sides and depths are those of
 * ASTM F2170 (from memory). It tells what to plan for: the slab is measured before anything is laid.
 */
final readonly class Drying
{
    /** Of w/c 0.5 at 20 °C, m²/s: by the rule above. */
    public const DIFFUSIVITY = 5.877e-11;

    private const DAY = 86400.0;

    /** Depth that is measured, as a share of the thickness, from the open face: with one face open, and with both (ASTM F2170). */
    private const ONE = 0.4;

    private const BOTH = 0.2;

    /** Drier air is not counted on in a building under way, as a share; common practice, no source. */
    private const SITE_AIR = 0.5;

    /** Boards under a slab that hold back this much leave one face open, m. */
    private const TIGHT = 2.0;

    /** Nobody waits longer, days. */
    private const LONGEST = 3650.0;

    /**
     * @param  float  $thickness  m
     * @param  bool  $both  whether it dries to both sides
     * @param  float  $start  humidity within it at the end of curing, as a share
     * @param  float  $air  humidity that it dries to
     * @param  float  $diffusivity  m²/s
     */
    private function __construct(
        public float $thickness,
        public bool $both,
        public float $start,
        public float $air,
        public float $diffusivity,
    ) {}

    public static function of(Site $site, Design $design): ?self
    {
        if (! $design->slab->present()) {
            return null;
        }
        // Screed on a board is what the finish lies on; its sheet shuts it off below.
        $onBoard = $design->screed->present() && ! $design->hasPanels()
            && ($design->boardAbove->present() || $design->upperSheet->present());
        $thickness = $onBoard ? $design->screed->thickness : $design->slab->layer->thickness + $design->screed->thickness;
        $below = array_sum(array_map(
            static fn (VapourLayer $l): float => in_array($l->part, ['sheet', 'field_board'], true) ? $l->airLayer : 0.0,
            Layers::at(StackPlace::FloorMiddle, $design, Layout::of($design)),
        ));
        $air = max(self::SITE_AIR, array_sum(array_map(DampAir::of($site)->humidity(...), range(0, 11))) / 12);

        $mix = $design->mix;

        return self::slab(
            $thickness, ! $onBoard && $below < self::TIGHT, $onBoard ? $mix->screedWater : $design->slab->waterCement, $air, $site->indoor,
            $onBoard ? 0.0 : $mix->replaced,
        );
    }

    /**
     * @param  float  $thickness  m
     * @param  bool  $both  whether both faces are open
     * @param  float  $waterCement  by mass
     * @param  float  $air  its humidity, as a share
     * @param  float  $temperature  °C
     * @param  float  $replaced  share of the cement that ash or slag replaces
     */
    public static function slab(
        float $thickness, bool $both, float $waterCement, float $air, float $temperature = 20.0, float $replaced = 0.0,
    ): self {
        // Little water is used up by the cement itself and what is left moves slowly; much leaves wide pores (common practice, no source).
        $start = max(0.85, min(0.99, 0.97 + 0.5 * min(0.0, $waterCement - 0.5) + 0.1 * max(0.0, $waterCement - 0.5)));
        // Ash and slag make the pores finer: at 30 % what is left moves 15 % slower (common practice, no source).
        $moves = max(0.3, 1.0 + 6.0 * ($waterCement - 0.5)) * (1.0 - 0.5 * $replaced);
        // Vapour does the moving, so warmth speeds it as it does saturation.
        $warm = Vapour::saturation(max(0.0, $temperature)) / Vapour::saturation(20.0);

        return new self($thickness, $both, $start, $air, self::DIFFUSIVITY * $moves * $warm);
    }

    /** Humidity at the depth that is measured after so many days, as a share. */
    public function humidity(float $days): float
    {
        $length = $this->both ? $this->thickness / 2 : $this->thickness;
        // From the face, or the middle, that is shut.
        $from = ($this->both ? 0.5 - self::BOTH : 1.0 - self::ONE) * $this->thickness / $length;
        $fourier = $this->diffusivity * $days * self::DAY / $length ** 2;
        if ($fourier < 1e-3) {
            return $this->start;
        }
        $sum = 0.0;
        for ($n = 0; $n < 60; $n++) {
            $k = (2 * $n + 1) * M_PI / 2;
            $sum += 2 * (-1) ** $n / $k * cos($k * $from) * exp(-$k ** 2 * $fourier);
        }

        return $this->air + ($this->start - $this->air) * max(0.0, min(1.0, $sum));
    }

    /** Days until that humidity is reached; null where the air is too humid for it, or it takes ten years. */
    public function daysTo(float $humidity): ?float
    {
        if ($humidity >= $this->start) {
            return 0.0;
        }
        if ($this->humidity(self::LONGEST) > $humidity) {
            return null;
        }
        [$low, $high] = [0.0, self::LONGEST];
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            $this->humidity($middle) > $humidity ? $low = $middle : $high = $middle;
        }

        return $high;
    }
}
