<?php

declare(strict_types=1);

namespace Ondergrond\Site;

/** Outdoor air through the year. */
final readonly class Climate
{
    /**
     * @param  string  $name  what the person calls it
     * @param  list<float>  $monthly  twelve monthly mean air temperatures, °C, January first
     * @param  float  $design  air temperature of the heating design day, °C
     */
    public function __construct(
        public string $name,
        public array $monthly,
        public float $design,
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

    private function extreme(int $sense): int
    {
        $month = 0;
        foreach ($this->monthly as $i => $mean) {
            $month = $sense * $mean < $sense * $this->monthly[$month] ? $i : $month;
        }

        return $month;
    }

    public function wave(): AnnualWave
    {
        return AnnualWave::fit($this->monthly);
    }
}
