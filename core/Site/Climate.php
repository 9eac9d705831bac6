<?php

declare(strict_types=1);

namespace Ondergrond\Site;

use Ondergrond\Size\Size;

/** Outdoor air through the year. */
final readonly class Climate
{
    /** Monthly means lie within these, as files take them, °C. */
    public const COLDEST_MONTH = -60.0;

    public const WARMEST_MONTH = 50.0;

    /** Of the design day where none is given: under the coldest month by so much, and by so much of the year's amplitude. */
    private const SPELL = [4.0, 0.8];

    /**
     * @param  string  $name  what the person calls it
     * @param  non-empty-list<float>  $monthly  twelve monthly mean air temperatures, °C, January first
     * @param  float|null  $designGiven  of the heating design day, °C; null: worked out from the months
     */
    public function __construct(
        #[Size('Name of the climate', key: 'name')]
        public string $name,
        #[Size('Outdoor air of the months', key: 'monthly_mean_c', each: 'Outdoor air, *')]
        public array $monthly,
        #[Size('Heating design day', key: 'design_c', hint: 'as the code or a weather table has it; empty: worked out from the months')]
        public ?float $designGiven = null,
        #[Size('Where the climate comes from')]
        public ClimateSource $source = ClimateSource::Own,
        #[Size('Estimated by', hint: 'who, and from what')]
        public string $estimatedBy = '',
    ) {}

    /** Air temperature of the heating design day, °C. */
    public function design(): float
    {
        return $this->designGiven ?? self::coldSpell($this->monthly);
    }

    /**
     * The design day where nobody says it: 4 K and 0.8 of the year's amplitude under the coldest month, since cold spells go
     * deeper inland; common practice, no source. A tabled value belongs in its place.
     *
     * @param  non-empty-list<float>  $monthly  °C
     */
    private static function coldSpell(array $monthly): float
    {
        return round(min($monthly) - self::SPELL[0] - self::SPELL[1] * AnnualWave::fit($monthly)->amplitude, 1);
    }

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

        return array_key_first($order);
    }

    public function wave(): AnnualWave
    {
        return AnnualWave::fit($this->monthly);
    }
}
