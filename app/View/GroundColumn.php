<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Frost\OpenGround;
use Ondergrond\Frost\UndisturbedGround;
use Ondergrond\Site\AnnualWave;
use Ondergrond\Site\Site;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** The open ground of a site as a column of three metres: how warm it gets through the year, and what is met in it. */
final readonly class GroundColumn
{
    public const DEEP = 3.0;

    public const HEIGHT = 290.0;

    /** Where the ground begins, pixels. */
    public const GRADE = 34.0;

    /** What is not there is kept below the column, to be drawn up. */
    private const FOOT = 272.0;

    private const PIXELS = (self::FOOT - self::GRADE - 6.0) / self::DEEP;

    private const STEPS = 30;

    public Ruler $ruler;

    private AnnualWave $wave;

    public function __construct(private Site $site, public ?OpenGround $open, private QuantityFormatter $format)
    {
        $this->ruler = new Ruler(
            0.0, self::GRADE, self::PIXELS, Quantity::Thickness, $format, $format->system === UnitSystem::Metric ? 50.0 : 2.0,
        );
        $this->wave = $site->climate->wave();
    }

    /**
     * How far the year's warmth swings at each depth, in a box of a hundred across: from coldest to warmest.
     *
     * @return array{band: string, freezing: float|null, left: string, right: string} freezing: across; null where it is out of sight
     */
    public function swing(): array
    {
        $diffusivity = $this->site->soil->conductivity() / $this->site->soil->heatCapacity() * 86400.0;
        $wave = $this->wave;
        $x = static fn (float $t): float => round(50.0 + ($t - $wave->mean) / max(1.0, $wave->amplitude) * 44.0, 2);
        $cold = $warm = [];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $depth = self::DEEP * $i / self::STEPS;
            $y = $this->ruler->y($depth);
            // Half a year apart, and as late as the depth makes them.
            $late = $depth * sqrt(365 / (M_PI * $diffusivity)) / 2;
            $cold[] = $x(UndisturbedGround::temperature($wave, $diffusivity, $depth, $late)).' '.$y;
            array_unshift($warm, $x(UndisturbedGround::temperature($wave, $diffusivity, $depth, $late + 182.5)).' '.$y);
        }
        $freezing = $x(0.0);

        return [
            'band' => 'M'.implode('L', [...$cold, ...$warm]).'Z',
            'freezing' => $freezing > 0.0 && $freezing < 100.0 ? $freezing : null,
            'left' => $this->format->format($wave->mean - $wave->amplitude, Quantity::Temperature),
            'right' => $this->format->format($wave->mean + $wave->amplitude, Quantity::Temperature),
        ];
    }

    /** @return list<array{field: string, class: string, y: float, words: string, anchor: string, at: string}> lines to be dragged */
    public function lines(): array
    {
        $frost = $this->open?->depth();
        $office = $this->site->frost->officeDepth;

        return [
            $this->line(
                'frost.office_depth_m', 'line-frost', $frost, $office === null ? 'frost, worked out' : 'frost, the office’s',
                'no frost', 'start', '2%',
            ),
            $this->line('damp.water_table_m', 'line-water', $this->site->damp->waterTable, 'water', 'water: not known', 'end', '98%'),
            $this->line('frost.ledge_m', 'line-rock', $this->site->frost->ledge, 'rock', 'rock: none met', 'middle', '56%'),
        ];
    }

    /** @return list<array{y: float, words: string}> */
    public function depths(): array
    {
        $metric = $this->format->system === UnitSystem::Metric;
        $marks = [];
        foreach ($metric ? [0.5, 1.0, 1.5, 2.0, 2.5, 3.0] : [0.6096, 1.2192, 1.8288, 2.4384] as $depth) {
            $marks[] = ['y' => $this->ruler->y($depth), 'words' => $this->format->format($depth, Quantity::Length)];
        }

        return $marks;
    }

    /**
     * @param  'start'|'middle'|'end'  $anchor
     * @return array{field: string, class: string, y: float, words: string, anchor: string, at: string}
     */
    private function line(string $path, string $class, ?float $depth, string $words, string $none, string $anchor, string $at): array
    {
        $deep = $depth !== null && $depth > self::DEEP;

        return [
            'field' => str_replace('.', '-', 'site.'.$path), 'class' => $depth === null ? $class.' line-none' : $class,
            'y' => $depth === null || $deep ? self::FOOT : $this->ruler->y($depth),
            'words' => $depth === null ? $none : $words.' '.$this->format->format($depth, Quantity::Depth),
            'anchor' => $anchor, 'at' => $at,
        ];
    }
}
