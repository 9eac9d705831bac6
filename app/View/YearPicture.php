<?php

declare(strict_types=1);

namespace App\View;

use Ondergrond\Site\Site;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;

/** The year of a site as twelve bars, in pixels down; across it goes by months, in percent. */
final readonly class YearPicture
{
    public const HEIGHT = 250.0;

    private const MARGIN = 14.0;

    /** The least that is shown, K. */
    private const LEAST = 24.0;

    /** Grid lines this far apart, in the unit that is shown. */
    private const GRID = [5, 10, 20, 50];

    public Ruler $ruler;

    public function __construct(public Site $site, private QuantityFormatter $format)
    {
        $climate = $site->climate;
        $top = max(0.0, $site->heatingLimit, ...$climate->monthly) + 2.0;
        $low = min(0.0, $climate->design(), ...$climate->monthly) - 2.0;
        $wide = max(self::LEAST, $top - $low);
        $this->ruler = new Ruler(
            $top, self::MARGIN, -(self::HEIGHT - 2 * self::MARGIN) / $wide, Quantity::Temperature, $format,
            $format->system === UnitSystem::Metric ? 0.5 : 1.0,
        );
    }

    /** @return list<array{y: float, height: float, below: bool, heats: bool}> a bar a month, from freezing */
    public function bars(): array
    {
        $zero = $this->ruler->y(0.0);

        return array_map(function (float $t) use ($zero): array {
            $y = $this->ruler->y($t);

            return ['y' => min($y, $zero), 'height' => abs($zero - $y), 'below' => $t < 0.0, 'heats' => $t < $this->site->heatingLimit];
        }, $this->site->climate->monthly);
    }

    /** The fitted wave in a box of 12 months across. */
    public function wave(): string
    {
        $wave = $this->site->climate->wave();
        $path = '';
        for ($m = 0.5; $m <= 12.5; $m += 0.25) {
            $t = $wave->mean - $wave->amplitude * cos(2 * M_PI * ($m - $wave->coldest) / 12);
            $path .= ($path === '' ? 'M' : 'L').round($m - 0.5, 2).' '.round($this->ruler->y($t), 1);
        }

        return $path;
    }

    /** @return array<string, float> pixels down, by what is written there */
    public function grid(): array
    {
        $lines = [];
        $unit = Quantity::Temperature->unit($this->format->system);
        foreach (self::GRID as $by) {
            $lines = [];
            for ($v = -100; $v <= 130; $v += $by) {
                $y = $this->ruler->y($unit->toSi((float) $v));
                if ($y >= 8.0 && $y <= self::HEIGHT - 6.0) {
                    $lines[str_replace('-', '−', (string) $v)] = $y;
                }
            }
            if (count($lines) <= 7) {
                break;
            }
        }

        return $lines;
    }
}
