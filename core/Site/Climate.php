<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;

/** Outdoor air through the year. */
final readonly class Climate
{
    /**
     * @param  string  $name  what the person calls it
     * @param  list<float>  $monthly  twelve monthly mean air temperatures, °C, January first
     * @param  float  $design  air temperature of the heating design day, °C
     */
    public function __construct(
        #[Size('Name of the climate', key: 'name')]
        public string $name,
        #[Size('Outdoor air of the months', key: 'monthly_mean_c', each: 'Outdoor air, *')]
        public array $monthly,
        #[Size('Heating design day', key: 'design_c')]
        public float $design,
        #[Size('Where the climate comes from')]
        public ClimateSource $source = ClimateSource::Own,
        #[Size('Estimated by', hint: 'who, and from what')]
        public string $estimatedBy = '',
    ) {}

    /** @return int coldest month, 0 for January */
    public function coldest(): int
    {
        return $this->extreme(1);
    }

    /** @return int warmest month, 0 for January */
    public function warmest(): int
    {
        return $this->extreme(-1);
    }

    /** Of months alike, the one nearest to that end of the year's wave, so that no calendar decides. */
    private function extreme(int $sense): int
    {
        $wave = $this->wave();
        $at = $wave->coldest - 1.0 + ($sense > 0 ? 0.0 : 6.0);
        $order = [];
        foreach ($this->monthly as $i => $mean) {
            $away = fmod(abs($i - $at), 12.0);
            $order[$i] = [$sense * $mean, round(min($away, 12.0 - $away), 6)];
        }
        asort($order);

        return (int) array_key_first($order);
    }

    public function wave(): AnnualWave
    {
        return AnnualWave::fit($this->monthly);
    }
}
